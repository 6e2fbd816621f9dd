import type { HouseDays } from './houseDays';

/** How a cleaning interval is chosen: by use, or one of the trade's fixed schools. */
type CleaningPolicy = 'byUse' | 'weekly' | 'monthly' | 'beforeEachCheck';

/** Above this many readings a week a probe is in heavy use. Trade practice. */
const HEAVY_USE_PER_WEEK = 20;

/** Days between cleanings in heavy and in light use. */
const CLEAN_DAYS = { heavy: 7, light: 30 } as const;

/** In heavy use a hydration soak about this often keeps the response quick, days. */
const SOAK_DAYS = 30;

/** Buffer, damp paper or tap water in the cap do for this long, h. Trade practice. */
export const STOP_GAP_HOURS = 24;

/** What decides when a probe is cleaned and soaked next. Times are epoch ms. */
export interface CareFacts {
  readonly policy: CleaningPolicy;
  readonly days: HouseDays;
  /** When it was last cleaned, or fitted. */
  readonly cleanedMs: number;
  /** When it last soaked, or was fitted. */
  readonly soakedMs: number;
  /** Readings a week, over a time that is over: the date stands still until it is cleaned. */
  readonly readingsPerWeek: number;
}

/** When care is due; undefined: no date of its own. */
export interface CareDue {
  readonly cleanAtMs?: number | undefined;
  readonly soakAtMs?: number | undefined;
  readonly heavyUse: boolean;
}

/** Cleaning weekly in heavy use and monthly otherwise (or as the policy says); a soak in heavy use. */
export function careDue({
  policy,
  days: house,
  cleanedMs,
  soakedMs,
  readingsPerWeek,
}: CareFacts): CareDue {
  const heavyUse = readingsPerWeek > HEAVY_USE_PER_WEEK;
  const heavy = policy === 'weekly' || (policy === 'byUse' && heavyUse);
  const days = heavy ? CLEAN_DAYS.heavy : CLEAN_DAYS.light;
  return {
    heavyUse,
    cleanAtMs: policy === 'beforeEachCheck' ? undefined : house.dayAfterMs(cleanedMs, days),
    soakAtMs: heavyUse ? house.dayAfterMs(soakedMs, SOAK_DAYS) : undefined,
  };
}

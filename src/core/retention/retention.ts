import { DAY_MS } from '../units';
import { requireFinite } from '../result';

/** How long a calibration's record is kept at least, years. Common demand of permits. */
export const RETENTION_YEARS = 3;

/**
 * The first moment a record may be erased for good: so many calendar years after it was made, UTC.
 * `erasableFromMs(0, 3) / 86400000 // => 1096`
 */
export function erasableFromMs(madeMs: number, years = RETENTION_YEARS): number {
  const made = requireFinite('madeMs', madeMs);
  const days = 365.25 * requireFinite('years', years);
  return made + Math.ceil(days) * DAY_MS;
}

/** Whether a record may be erased for good. Demo data always may; that is the caller's to know. */
export function mayErase(madeMs: number, nowMs: number, years = RETENTION_YEARS): boolean {
  return requireFinite('nowMs', nowMs) >= erasableFromMs(madeMs, years);
}

import { HOUR_MS } from '../units';
import { AIRED_AFTER_HOURS } from './constants';

/** What happened to a tank's water, newest knowledge of its source included. Times are epoch ms. */
export type WaterEvent =
  /** Filled afresh with water of this alkalinity; undefined where nobody measured it. */
  | {
      readonly kind: 'change';
      readonly atMs: number;
      readonly alkalinityMmolPerL?: number | undefined;
    }
  /** Acid (+) or base (−) equivalents poured; undefined where the product's strength is unknown. */
  | { readonly kind: 'dose'; readonly atMs: number; readonly acidMmolPerL?: number | undefined }
  /** Nutrients or water added: no longer the source water alone. */
  | { readonly kind: 'stock' | 'water'; readonly atMs: number };

/** What the carbonate of a tank is now. */
export type TankWater =
  /** Freshly filled, untreated: its source's alkalinity, less what was booked. */
  | {
      readonly kind: 'fresh';
      readonly alkalinityMmolPerL: number;
    }
  /** A feed in use: aired out, its source's alkalinity gone. */
  | { readonly kind: 'inUse' };

/**
 * What a tank's carbonate is now. Source alkalinity counts only in freshly filled water within a day
 * of the fill, less every acid equivalent booked since; a dose of unknown strength, nutrients, or a
 * day with the pump running, and the tank is a feed in use. Treating that as if it still held its
 * source's alkalinity would predict doses that end near pH 3: it is never done.
 */
export function tankWater(events: readonly WaterEvent[], nowMs: number): TankWater {
  const sorted = [...events].filter(({ atMs }) => atMs <= nowMs).sort((a, b) => a.atMs - b.atMs);
  const fillAt = sorted.findLastIndex(({ kind }) => kind === 'change');
  const fill = sorted[fillAt];
  if (fill?.kind !== 'change') return { kind: 'inUse' };
  const since = sorted.slice(fillAt + 1);
  const inUse = { kind: 'inUse' } as const;
  const source = fill.alkalinityMmolPerL;
  if (source === undefined || nowMs - fill.atMs > AIRED_AFTER_HOURS * HOUR_MS) return inUse;
  let left = source;
  for (const event of since) {
    if (event.kind !== 'dose' || event.acidMmolPerL === undefined) return inUse;
    left -= event.acidMmolPerL;
  }
  return left > 0 ? { kind: 'fresh', alkalinityMmolPerL: left } : inUse;
}

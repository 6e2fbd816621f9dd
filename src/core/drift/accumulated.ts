import type { PhCheck } from './phDrift';
import { incrementsOf } from './increments';

/** How far a probe has come since it was new, as if nobody had ever adjusted it. */
export interface AccumulatedPh {
  /** Π(gain found / gain left): 1 for a new probe. */
  readonly gain: number;
  /** Σ(offset found − offset left), pH. */
  readonly offsetPh: number;
  /** Checks that count. */
  readonly increments: number;
}

/** One step of that way, for a chart. */
export interface AccumulatedAt extends AccumulatedPh {
  readonly atMs: number;
}

/**
 * Ageing through all adjustments. Each adjustment resets the gain, so a single check shows nothing
 * of it; only the product of what was lost between checks does. Checks adjusted unseen or read
 * after cleaning are left out. `checks` sorted by time, of one probe.
 */
export function accumulatedPh(checks: readonly PhCheck[]): readonly AccumulatedAt[] {
  let now: AccumulatedPh = { gain: 1, offsetPh: 0, increments: 0 };
  const offsets = incrementsOf(checks, ({ map }) => map.offsetPh);
  const gains = incrementsOf(checks, ({ map }) => Math.log(map.gain));
  return offsets.map(({ atMs, change }, at) => {
    now = {
      gain: now.gain * Math.exp(gains[at]!.change),
      offsetPh: now.offsetPh + change,
      increments: at + 1,
    };
    return { atMs, ...now };
  });
}

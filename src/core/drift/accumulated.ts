import { knownOf, type PenTrack } from './track';

/** How far a probe has come since it was new, as if nobody had ever adjusted it. */
export interface AccumulatedAt {
  readonly atMs: number;
  /** Π(gain found / gain left): 1 for a new probe. */
  readonly gain: number;
  /** Σ(offset found − offset left), pH. */
  readonly offsetPh: number;
}

/** A probe that shows the same everywhere has lost all its gain; a logarithm needs a rest of it. */
const LEAST_GAIN = 0.01;

/**
 * Ageing through all adjustments, at each check that read two cups as found. Each adjustment resets
 * the gain, so a single check shows nothing of it; only what was lost between checks does. By the
 * smoothed past; `sinceMs`: when the probe was fitted.
 */
export function accumulatedPh(track: PenTrack, sinceMs: number): readonly AccumulatedAt[] {
  const tells = new Set(
    track.checks.filter(({ found }) => found.length > 1).map(({ atMs }) => atMs),
  );
  let logGain = 0;
  let offsetPh = 0;
  // What came before the first check is not ageing of this probe that anyone saw.
  let begun = false;
  const steps: AccumulatedAt[] = [];
  for (const { fromMs, toMs, start, end } of track.stretches()) {
    if (toMs < sinceMs) continue;
    begun ||= fromMs >= sinceMs && tells.has(fromMs);
    if (begun) {
      const gains = [start.gain, end.gain].map((gain) => Math.max(1 + gain, LEAST_GAIN));
      logGain += Math.log(gains[1]! / gains[0]!);
      offsetPh += end.level - start.level;
      if (tells.has(toMs)) steps.push({ atMs: toMs, gain: Math.exp(logGain), offsetPh });
    }
  }
  return steps;
}

/** As-found errors at pH 7 by time, each as known at its check. */
export function foundOffsets({ bank, events }: PenTrack, sinceMs: number): readonly number[] {
  return bank.nodes.flatMap((node) => {
    const event = events[node.event];
    const tells = node.found && event?.kind === 'check' && event.found.length > 0;
    return tells && node.atMs >= sinceMs ? [knownOf(bank, node).level] : [];
  });
}

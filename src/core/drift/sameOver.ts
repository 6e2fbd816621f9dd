import { HOUR_MS } from '../units';
import type { LevelVariance, PenState } from './penState';
import { stateAt, type PenTrack } from './track';

/** Readings nearer to an event than this are told by its own side of it, ms. */
const BESIDE_MS = 1;

/** The longest span looked at by its ends and its middle alone, ms: five days. */
const SPAN_MS = 120 * HOUR_MS;

/** Moments that tell two tracks apart: the ends of the span, both sides of each event in it, and between. */
function moments(tracks: readonly PenTrack[], fromMs: number, toMs: number): readonly number[] {
  const events = tracks.flatMap(({ events: all }) =>
    all.flatMap(({ atMs }) => (atMs > fromMs && atMs < toMs ? [atMs - BESIDE_MS, atMs] : [])),
  );
  const ends = [...new Set([fromMs, ...events, toMs])].sort((a, b) => a - b);
  return ends.flatMap((atMs, at) => {
    const next = ends[at + 1];
    if (next === undefined) return [atMs];
    const steps = Math.max(2, Math.ceil((next - atMs) / SPAN_MS));
    return Array.from({ length: steps }, (_, step) => atMs + ((next - atMs) * step) / steps);
  });
}

const near = (a: number, b: number, within: number) => Math.abs(a - b) <= within;

const nearVariance = (a: LevelVariance, b: LevelVariance, within: number) =>
  (['level', 'gain'] as const).every((of) =>
    near(Math.sqrt(Math.max(0, a[of])), Math.sqrt(Math.max(0, b[of])), within),
  ) && near(a.shared, b.shared, within * within);

function nearState(a: PenState, b: PenState, within: number): boolean {
  return (
    a.standing === b.standing &&
    a.cupsTempC === b.cupsTempC &&
    near(a.level, b.level, within) &&
    near(a.gain, b.gain, within) &&
    nearVariance(a.variance, b.variance, within) &&
    nearVariance(a.atCheck, b.atCheck, within) &&
    nearVariance(a.standards, b.standards, within) &&
    near(a.jump?.probability ?? 0, b.jump?.probability ?? 0, 0.01) &&
    near(Math.sqrt(a.jump?.variance ?? 0), Math.sqrt(b.jump?.variance ?? 0), within)
  );
}

/**
 * Whether two tracks of one side tell the same of a span of time.
 * @param about from and to, epoch ms; how far levels and their standard uncertainties may lie apart: pH, or relative
 */
export function sameOver(
  a: PenTrack,
  b: PenTrack,
  { fromMs, toMs, within }: { fromMs: number; toMs: number; within: number },
): boolean {
  return moments([a, b], fromMs, toMs).every((atMs) =>
    nearState(stateAt(a, atMs), stateAt(b, atMs), within),
  );
}

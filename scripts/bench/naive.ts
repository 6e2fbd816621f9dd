import { bridged, stateAsToldThen, type PenTrack } from '../../src/core/drift';
import { assess } from '../../src/core/readings';
import { VERDICTS, judgeReading, type Band } from '../../src/core/verdict';

interface Reading {
  readonly atMs: number;
  readonly shownPh: number;
}

interface Pen {
  readonly resolutionPh: number;
  readonly hasAtc: boolean;
}

/** One reading the straightforward way: search the whole list, list the budget, judge with all chances. */
function one(track: PenTrack, { atMs, shownPh }: Reading, pen: Pen, band: Band) {
  const stretch = track.stretches().filter((each) => each.fromMs <= atMs && atMs < each.toMs)[0];
  const state = stretch ? bridged(track, stretch, atMs) : stateAsToldThen(track, atMs);
  const read = assess({ quantity: 'ph', shown: shownPh, tempC: 20, pen, state });
  if (!read.ok) throw new Error('a pH is never refused');
  const { value, spread } = read.value;
  return value + VERDICTS.indexOf(judgeReading(value, spread, band).verdict);
}

/** All readings the same way; the same checksum as the fast one. */
export function assessNaively(
  track: PenTrack,
  readings: readonly Reading[],
  { pen, band }: { readonly pen: Pen; readonly band: Band },
): number {
  return readings.reduce((sum, reading) => sum + one(track, reading, pen, band), 0);
}

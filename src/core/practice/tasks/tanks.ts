import { conditionsAt, solutionFrom, type Solution } from '../../chemistry';
import { cupOf, uniformNoise, water, type Cup, type PracticeTank } from '../../simulated-pen';

/** The room of every practice that says no other, °C. */
export const ROOM_C = 21;

/** A number between two ends that a seed alone decides; `at` tells several apart. */
export const between = (seed: number, at: number, low: number, high: number): number =>
  low + (high - low) * uniformNoise(seed, at, 'surprise');

/** A tank of water with so much alkalinity, or a feed in use, by its true chemistry. */
export function practiceTank(of: {
  readonly ph: number;
  readonly ecMsPerCm: number;
  readonly alkalinityMeqPerL: number;
  readonly phosphateMmolPerL: number;
  readonly ammoniumMmolPerL: number;
  readonly band: PracticeTank['band'];
  readonly volumeL: number;
}): PracticeTank {
  const at = conditionsAt({ tempC: ROOM_C, ecMsPerCm: of.ecMsPerCm });
  if (!at.ok) throw new RangeError('no such tank');
  const made = solutionFrom(at.value, {
    ph: of.ph,
    totals: { phosphate: of.phosphateMmolPerL / 1000, ammonium: of.ammoniumMmolPerL / 1000 },
    known: { kind: 'report', alkalinityMolPerL: of.alkalinityMeqPerL / 1000 },
  });
  if (!made.ok) throw new RangeError('no such water');
  const solution: Solution = made.value;
  return {
    volumeL: of.volumeL,
    ecMsPerCm: of.ecMsPerCm,
    tempC: ROOM_C,
    solution,
    seenPh: of.ph,
    band: of.band,
  };
}

/** A cup that is the tank or the jar: what is in it follows the tank's own chemistry. */
export const openCup = (kind: 'tank' | 'jar'): Cup =>
  cupOf({ kind }, ROOM_C, {
    liquid: water({ alkalinityMeqPerL: 1, ph: 7 }, { volumeMl: 1000, tempC: ROOM_C }),
  });

import { nernstSlopeMvPerPh } from '../electrode';

/** A point the firmware took: what the probe gave, at which sensor temperature, and the pH it is to stand for. */
export interface StoredPoint {
  readonly mv: number;
  readonly sensorC: number;
  readonly ph: number;
}

/** How the firmware turns potential into pH: mV = zero − gain·S(T)·(pH − 7), with a gain each side of 7. */
export interface PhStore {
  readonly zeroMv: number;
  readonly gainBelow: number;
  readonly gainAbove: number;
  /** The pH where the two gains meet. */
  readonly meetsPh: number;
}

/** A pen as it leaves the factory: zero at pH 7, the full slope on both sides. */
export const FACTORY_PH: PhStore = { zeroMv: 0, gainBelow: 1, gainAbove: 1, meetsPh: 7 };

/** Temperature that a pen without compensation takes for granted, °C. */
const WITHOUT_ATC_C = 25;

const slopeAt = (sensorC: number, hasAtc: boolean) =>
  nernstSlopeMvPerPh(hasAtc ? sensorC : WITHOUT_ATC_C);

/**
 * The pH a pen shows for a potential. Inverse of the store's own line.
 * Closed form: pH = 7 − (mV − zero)/(gain·S).
 */
export function shownPh(store: PhStore, mv: number, sensorC: number, hasAtc: boolean): number {
  const slope = slopeAt(sensorC, hasAtc);
  const atMeeting = store.zeroMv - store.gainBelow * slope * (store.meetsPh - 7);
  const below = mv >= atMeeting;
  const gain = below ? store.gainBelow : store.gainAbove;
  return store.meetsPh - (mv - atMeeting) / (gain * slope);
}

interface Line {
  readonly zero: number;
  readonly gain: number;
}

/** The straight line through points, by least squares in (S·(pH − 7), mV); exact for two. */
function lineThrough(points: readonly StoredPoint[], hasAtc: boolean, gain: number): Line {
  const xs = points.map(({ sensorC, ph }) => slopeAt(sensorC, hasAtc) * (ph - 7));
  const ys = points.map(({ mv }) => mv);
  const mean = (of: readonly number[]) => of.reduce((sum, each) => sum + each, 0) / of.length;
  const [x, y] = [mean(xs), mean(ys)];
  const sxx = xs.reduce((sum, each) => sum + (each - x) ** 2, 0);
  const sxy = xs.reduce((sum, each, at) => sum + (each - x) * (ys[at]! - y), 0);
  const fitted = sxx > 1 ? -sxy / sxx : gain;
  return { zero: y + fitted * x, gain: fitted };
}

/** Slopes that a firmware takes, as a share of theory; beyond them it says that something is wrong. */
export const GAIN_LIMITS = { min: 0.6, max: 1.25 } as const;

/**
 * The store after so many points: one sets the zero, two zero and slope, three the best line or two
 * pieces that meet in the middle one.
 */
export function storeFrom(
  points: readonly StoredPoint[],
  {
    hasAtc,
    pieces,
    before,
  }: { readonly hasAtc: boolean; readonly pieces: boolean; readonly before: PhStore },
): PhStore {
  if (points.length === 0) return before;
  const straight = ({ zero, gain }: Line): PhStore => ({
    zeroMv: zero,
    gainBelow: gain,
    gainAbove: gain,
    meetsPh: 7,
  });
  if (points.length === 1 || !pieces || points.length < 3)
    return straight(lineThrough(points, hasAtc, before.gainBelow));
  const sorted = [...points].sort((a, b) => a.ph - b.ph);
  const low = lineThrough(sorted.slice(0, 2), hasAtc, 1);
  const high = lineThrough(sorted.slice(1), hasAtc, 1);
  return { zeroMv: low.zero, gainBelow: low.gain, gainAbove: high.gain, meetsPh: sorted[1]!.ph };
}

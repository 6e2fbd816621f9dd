import type { Verdict } from '@/core/verdict';

/** The three sizes of the one component. */
export type NotchSize = 'line' | 'row' | 'hero';

/** Heights in px: 16 in a line, 40 in a row, 96 where it leads. */
const NOTCH_HEIGHT: Readonly<Record<NotchSize, number>> = { line: 16, row: 40, hero: 96 };

/** How the peg stands: in the recess, on its edge, on the bar, or lying across it. */
export type PegPose = 'in' | 'edge' | 'bar' | 'across' | 'none';

/** What to draw, in px from the top left. */
export interface NotchGeometry {
  readonly height: number;
  /** Outline of the bar with its recess. */
  readonly bar: string;
  readonly notch: { readonly left: number; readonly right: number };
  readonly barTop: number;
  readonly floor: number;
  readonly pose: PegPose;
  readonly peg?: {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
    readonly at: number;
  };
  /** The value lies beyond the end of the bar. */
  readonly beyond?: 'left' | 'right' | undefined;
  /** Where it was taken to be before, kept on the bar. */
  readonly was?: number | undefined;
}

/** A value with its ± and verdict; absent for an empty notch. */
export interface NotchReading {
  readonly value: number;
  readonly expandedU: number;
  readonly verdict: Verdict;
}

interface Input {
  readonly width: number;
  readonly size: NotchSize;
  readonly band: { readonly low: number; readonly high: number };
  readonly reading?: NotchReading | undefined;
  /** What the value was taken for before it was known better. */
  readonly wasValue?: number | undefined;
}

/** The recess takes the middle half of the bar. */
const NOTCH_SHARE = 0.5;

const POSE: Readonly<Record<Verdict, PegPose>> = {
  in: 'in',
  probablyIn: 'edge',
  probablyLow: 'edge',
  probablyHigh: 'edge',
  low: 'bar',
  high: 'bar',
  cantTell: 'across',
  tooPure: 'across',
  noBand: 'across',
};

const clamp = (x: number, low: number, high: number) => Math.min(Math.max(x, low), high);

/** Where everything of a notch stands. The shape is drawn from the verdict, so words and shape agree. */
export function notchGeometry({ width, size, band, reading, wasValue }: Input): NotchGeometry {
  const height = NOTCH_HEIGHT[size];
  const left = (width * (1 - NOTCH_SHARE)) / 2;
  const right = width - left;
  const barTop = Math.round(height * 0.58);
  const bottom = height - 1;
  const floor = Math.round(barTop + (bottom - barTop) * 0.66);
  const bar = `M0.5 ${barTop}H${left}V${floor}H${right}V${barTop}H${width - 0.5}V${bottom}H0.5Z`;
  const perUnit = (right - left) / (band.high - band.low);
  const xOf = (value: number) => left + (value - band.low) * perUnit;
  const was = wasValue === undefined ? undefined : clamp(xOf(wasValue), 2, width - 2);
  const base = { height, bar, notch: { left, right }, barTop, floor, was };
  if (!reading) return { ...base, pose: 'none' };
  const pose = POSE[reading.verdict];
  const pegHeight = Math.round(height * 0.5);
  const rawAt = xOf(reading.value);
  const minHalf = size === 'line' ? 3 : size === 'row' ? 6 : 10;
  const half = clamp(reading.expandedU * perUnit, minHalf, width * 0.22);
  const at = clamp(rawAt, half + 1, width - half - 1);
  const beyond = rawAt < 0 ? 'left' : rawAt > width ? 'right' : undefined;
  if (pose === 'across') {
    const top = barTop - Math.round(pegHeight * 0.45);
    return {
      ...base,
      pose,
      peg: { left: left - 4, right: right + 4, top, bottom: barTop, at },
      beyond,
    };
  }
  const foot = pose === 'in' ? floor : barTop;
  const inside = pose === 'in' ? clamp(at, left + half + 1, right - half - 1) : at;
  const middle = right - left > 2 * half + 2 ? inside : at;
  const peg = {
    left: middle - half,
    right: middle + half,
    top: foot - pegHeight,
    bottom: foot,
    at: middle,
  };
  return { ...base, pose, peg, beyond };
}

/** Diagonal strokes inside a box, for a peg that only probably stands where it does. */
export function hatch(
  box: {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
  },
  gap: number,
): string {
  const { left, right, top, bottom } = box;
  const rise = bottom - top;
  const strokes: string[] = [];
  for (let start = left - rise + gap; start < right; start += gap) {
    const x1 = Math.max(start, left);
    const x2 = Math.min(start + rise, right);
    if (x2 > x1) strokes.push(`M${x1} ${bottom - (x1 - start)}L${x2} ${bottom - (x2 - start)}`);
  }
  return strokes.join('');
}

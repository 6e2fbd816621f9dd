import { scaleLinear, scaleTime } from 'd3-scale';
import { area, curveLinear, line } from 'd3-shape';
import { thinPoints } from './thinPoints';

/** One value of a series. */
export interface StripPoint {
  readonly atMs: number;
  readonly value: number;
  /** Half width of its whisker, where it has one. */
  readonly expandedU?: number | undefined;
  /** What was shown, drawn as a hollow mark where it lies apart. */
  readonly shown?: number | undefined;
}

/** A target band in force from a moment on. */
export interface BandStep {
  readonly fromMs: number;
  readonly low: number;
  readonly high: number;
}

/** Everything a strip shows, in its own units. */
export interface StripSpec {
  readonly domain: readonly [number, number];
  readonly points: readonly StripPoint[];
  /** Sorted by time; none for a strip without a target. */
  readonly band: readonly BandStep[];
  /** A value with its ± through time, the future too: a line in a cloud, never cut off. */
  readonly cloud?: readonly {
    readonly atMs: number;
    readonly value: number;
    readonly half: number;
  }[];
  /** Where the line is broken: each group is a line of its own. */
  readonly breakAfter?: (point: StripPoint, next: StripPoint) => boolean;
  /** Points are joined by a line; false where the cloud has its own. Default true. */
  readonly joined?: boolean | undefined;
  /** The least height of the scale, so that calm values stay calm. */
  readonly leastSpan: number;
  /** Marks and whiskers; too many points to tell apart go without. Default true. */
  readonly detailed?: boolean | undefined;
}

/** How large a strip is drawn, px. */
export interface StripSize {
  readonly width: number;
  readonly height: number;
  /** Room at the left for the axis. */
  readonly left: number;
}

/** What to draw, as paths in px. */
export interface StripGeometry {
  readonly line: string;
  readonly whiskers: string;
  readonly marks: string;
  readonly hollow: string;
  readonly band: string;
  readonly cloud: string;
  readonly cloudLine: string;
  /** The notch's edge: the axis steps out where the band lies. */
  readonly axis: string;
  readonly ticks: readonly { readonly y: number; readonly value: number }[];
  readonly x: (ms: number) => number;
  readonly y: (value: number) => number;
}

const PAD = 8;
const MARK = 3;
const HOLLOW_APART_PX = 5;
const NOTCH_PX = 8;

/** A small square round a place. */
const square = (x: number, y: number, half: number) =>
  `M${(x - half).toFixed(1)} ${(y - half).toFixed(1)}h${2 * half}v${2 * half}h${-2 * half}Z`;

/** The range of values to show: points with their whiskers, the cloud, and each band of this time. */
function valueRange({ points, band, domain, leastSpan, cloud = [] }: StripSpec): [number, number] {
  const inside = points.filter(({ atMs }) => atMs >= domain[0] && atMs <= domain[1]);
  let [low, high] = [Infinity, -Infinity];
  const take = (value: number) => {
    if (!Number.isFinite(value)) return;
    low = Math.min(low, value);
    high = Math.max(high, value);
  };
  for (const { value, expandedU = 0, shown } of inside) {
    take(value - expandedU);
    take(value + expandedU);
    if (shown !== undefined) take(shown);
  }
  for (const { value, half } of cloud) [value - half, value + half].forEach(take);
  for (const [at, step] of band.entries()) {
    const untilMs = band[at + 1]?.fromMs ?? Infinity;
    if (untilMs > domain[0] && step.fromMs <= domain[1]) [step.low, step.high].forEach(take);
  }
  if (low > high) return [0, leastSpan];
  const missing = Math.max(0, leastSpan - (high - low)) / 2;
  return [low - missing, high + missing];
}

/** The band as one filled shape with steps where it changed. */
function bandPath(
  band: readonly BandStep[],
  domain: readonly [number, number],
  at: { x: (ms: number) => number; y: (value: number) => number },
): string {
  return band
    .map(({ fromMs, low, high }, index) => {
      const from = Math.max(fromMs, domain[0]);
      const until = Math.min(band[index + 1]?.fromMs ?? domain[1], domain[1]);
      if (until <= from) return '';
      const [x1, x2] = [at.x(from).toFixed(1), at.x(until).toFixed(1)];
      return `M${x1} ${at.y(high).toFixed(1)}H${x2}V${at.y(low).toFixed(1)}H${x1}Z`;
    })
    .join('');
}

/** The axis drawn as the notch: it steps out over the newest band. */
function axisPath(
  last: BandStep | undefined,
  y: (value: number) => number,
  size: StripSize,
): string {
  const { left, height } = size;
  if (!last) return `M${left} ${PAD}V${height - PAD}`;
  const [top, bottom] = [y(last.high), y(last.low)];
  return `M${left} ${PAD}V${top}H${left - NOTCH_PX}V${bottom}H${left}V${height - PAD}`;
}

/** Where everything of a strip stands. One path a layer: thousands of points are no more nodes. */
export function stripGeometry(spec: StripSpec, size: StripSize): StripGeometry {
  const { domain, band, cloud = [], breakAfter, detailed = true, joined = true } = spec;
  const x = scaleTime([...domain], [size.left, size.width - PAD]);
  const y = scaleLinear(valueRange(spec), [size.height - PAD, PAD]);
  const all = spec.points.filter(
    ({ atMs, value }) => atMs >= domain[0] && atMs <= domain[1] && Number.isFinite(value),
  );
  const inside = thinPoints(all, domain, Math.max(1, Math.round(size.width - size.left)));
  const marked = detailed ? inside : [];
  const toLine = line<StripPoint>(
    (p) => x(p.atMs),
    (p) => y(p.value),
  ).digits(1);
  const groups: StripPoint[][] = [[]];
  inside.forEach((point, index) => {
    groups.at(-1)!.push(point);
    const next = inside[index + 1];
    if (next && breakAfter?.(point, next)) groups.push([]);
  });
  const toCloud = area<NonNullable<StripSpec['cloud']>[number]>(
    (p) => x(p.atMs),
    (p) => y(p.value - p.half),
    (p) => y(p.value + p.half),
  )
    .curve(curveLinear)
    .digits(1);
  const last = band.at(-1);
  const values = last ? [last.low, last.high] : y.ticks(2);
  const apart = marked.filter(
    ({ value, shown }) => shown !== undefined && Math.abs(y(shown) - y(value)) > HOLLOW_APART_PX,
  );
  return {
    line: joined ? groups.map((group) => toLine(group) ?? '').join('') : '',
    whiskers: marked
      .filter(({ expandedU }) => expandedU !== undefined && expandedU > 0)
      .map(({ atMs, value, expandedU = 0 }) => {
        const at = x(atMs).toFixed(1);
        return `M${at} ${y(value - expandedU).toFixed(1)}V${y(value + expandedU).toFixed(1)}`;
      })
      .join(''),
    marks: marked.map(({ atMs, value }) => square(x(atMs), y(value), MARK)).join(''),
    hollow: apart.map(({ atMs, shown }) => square(x(atMs), y(shown!), MARK)).join(''),
    band: bandPath(band, domain, { x, y }),
    cloud: cloud.length > 1 ? (toCloud([...cloud]) ?? '') : '',
    cloudLine: cloud.length > 1 ? (toLine([...cloud]) ?? '') : '',
    axis: axisPath(last, y, size),
    ticks: values.map((value) => ({ value, y: y(value) })),
    x,
    y,
  };
}

/** Moments to label along the time axis, about one in 90 px, by calendar days. */
export function timeTicks(domain: readonly [number, number], width: number): readonly number[] {
  const scale = scaleTime([...domain], [0, width]);
  return scale.ticks(Math.max(2, Math.floor(width / 90))).map((at) => at.getTime());
}

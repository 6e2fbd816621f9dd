import type { TankColumns } from '@/book/answers';
import { DAY_MS, displayFromEcMsPerCm, type EcScale } from '@/core/units';
import { thinPlaces, type BandStep, type StripPoint } from '@/ui/chart';

/** How much of a tank's past is shown. */
export type Span = 'day' | 'week' | 'fourWeeks' | 'season' | 'all';

/** What a span of the history is called. */
export const SPAN_LABEL: Readonly<Record<Span, string>> = {
  day: 'Day',
  week: 'Week',
  fourWeeks: '4 weeks',
  season: 'Season',
  all: 'All',
};

const SPAN_DAYS: Readonly<Record<Exclude<Span, 'all'>, number>> = {
  day: 1,
  week: 7,
  fourWeeks: 28,
  season: 120,
};

/** From when to when a span reaches. */
export function spanDomain(
  columns: TankColumns,
  span: Span,
  nowMs: number,
): readonly [number, number] {
  const first = columns.atMs[0] ?? nowMs - DAY_MS;
  const fromMs =
    span === 'all' ? Math.min(first, nowMs - DAY_MS) : nowMs - SPAN_DAYS[span] * DAY_MS;
  return [fromMs, nowMs + 0.02 * (nowMs - fromMs)];
}

/** How far back and forth a tank's history can be moved. */
export function historyLimits(columns: TankColumns, nowMs: number): readonly [number, number] {
  const first = Math.min(columns.atMs[0] ?? nowMs, nowMs - SPAN_DAYS.week * DAY_MS);
  return [first - 0.02 * (nowMs - first), nowMs + 0.02 * (nowMs - first)];
}

/** Index of the first reading at or after a moment. */
function firstAt(atMs: Float64Array, ms: number): number {
  let [low, high] = [0, atMs.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (atMs[middle]! < ms) low = middle + 1;
    else high = middle;
  }
  return low;
}

interface Columns {
  readonly values: Float64Array;
  readonly stdU?: Float64Array;
  readonly shown?: Float64Array;
  readonly scale?: EcScale;
}

/** Columns that thousands of readings are thinned to before points are made of them. */
const COLUMNS = 400;

/** How many readings of one series lie within a domain. */
export function countIn(
  atMs: Float64Array,
  values: Float64Array,
  domain: readonly [number, number],
): number {
  let count = 0;
  for (let at = firstAt(atMs, domain[0]); at < atMs.length && atMs[at]! <= domain[1]; at += 1)
    if (Number.isFinite(values[at]!)) count += 1;
  return count;
}

/** The points of one series within a domain; of thousands only those that can be told apart. */
export function pointsIn(
  atMs: Float64Array,
  { values, stdU, shown, scale = 'mS/cm' }: Columns,
  domain: readonly [number, number],
): StripPoint[] {
  const inScale = (ec: number) => displayFromEcMsPerCm(ec, scale);
  const series = {
    from: firstAt(atMs, domain[0]),
    until: firstAt(atMs, domain[1] + 1),
    atMs,
    values,
  };
  return thinPlaces(series, domain, COLUMNS).map((at) => ({
    atMs: atMs[at]!,
    value: inScale(values[at]!),
    expandedU: stdU ? inScale(2 * stdU[at]!) : undefined,
    shown: shown ? inScale(shown[at]!) : undefined,
  }));
}

/** The band as it was at each time: a step where it changed. */
export function bandSteps(
  atMs: Float64Array,
  { low, high }: { readonly low: Float64Array; readonly high: Float64Array },
  now: { readonly low: number; readonly high: number } | undefined,
): BandStep[] {
  const steps: BandStep[] = [];
  for (let at = 0; at < atMs.length; at += 1) {
    const last = steps.at(-1);
    if (last && Object.is(last.low, low[at]) && Object.is(last.high, high[at])) continue;
    steps.push({ fromMs: last ? atMs[at]! : -8.64e15, low: low[at]!, high: high[at]! });
  }
  const last = steps.at(-1);
  if (!last) return now ? [{ fromMs: -8.64e15, ...now }] : [];
  // A sample without a band has none to draw.
  return steps.filter((step) => Number.isFinite(step.low) && Number.isFinite(step.high));
}

/** Band steps in another scale of conductivity. */
export function stepsInScale(steps: readonly BandStep[], scale: EcScale): BandStep[] {
  return steps.map(({ fromMs, low, high }) => ({
    fromMs,
    low: displayFromEcMsPerCm(low, scale),
    high: displayFromEcMsPerCm(high, scale),
  }));
}

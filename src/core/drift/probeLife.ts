import { DAY_MS } from '../units';
import { medianOf, theilSen, type TheilSenFit } from '../statistics';
import type { AccumulatedAt } from './accumulated';

/** A probe whose gain has fallen below this in all is worn out. Trade practice: 90 % slope. */
export const WORN_GAIN = 0.9;

/** Settling this many times slower than in its first month tells of age. */
const SLOW_SETTLING_TIMES = 3;

/** An as-found offset beyond this, twice, tells of a failing reference, pH. About 30 mV. */
const BIG_OFFSET_PH = 0.5;

/** What a handheld pH probe lasts in daily use where nothing else is stated, days. Trade practice. */
/** How long a pH probe lasts where nobody said, days. */
export const EXPECTED_LIFE_DAYS = 365;

const FIRST_MONTH_MS = 30 * DAY_MS;

/** Why a probe is near its end. */
export type ProbeWarning =
  | { readonly reason: 'wornGain'; readonly gain: number; readonly limit: number }
  | { readonly reason: 'slowSettling'; readonly times: number; readonly limit: number }
  | { readonly reason: 'bigOffsets'; readonly count: number; readonly limitPh: number }
  | { readonly reason: 'age'; readonly ageDays: number; readonly limitDays: number };

/** What is known of a probe through its life. Times are epoch ms, lists sorted by time. */
export interface ProbeFacts {
  readonly fittedMs: number;
  /** Since when it ages, where its papers know it was bought before it was fitted. */
  readonly bornMs?: number | undefined;
  readonly nowMs: number;
  readonly expectedLifeDays?: number | undefined;
  readonly accumulated: readonly AccumulatedAt[];
  /** As-found errors at pH 7. */
  readonly foundOffsetsPh: readonly number[];
  readonly settles: readonly { readonly atMs: number; readonly settleS: number }[];
}

/** A probe's age in numbers and what to warn of. */
export interface ProbeLife {
  readonly ageDays: number;
  readonly warnings: readonly ProbeWarning[];
  /** Trend of the accumulated gain, per day. */
  readonly gainTrend?: TheilSenFit | undefined;
  /** Recent settling time over that of the first month. */
  readonly settleTimes?: number | undefined;
}

/** How much slower a probe settles now (median of its last three) than in its first month. */
function settleTimesOf({ fittedMs, settles }: ProbeFacts): number | undefined {
  const first = settles.filter(({ atMs }) => atMs <= fittedMs + FIRST_MONTH_MS);
  const recent = settles.slice(-3);
  if (first.length === 0 || settles.length <= first.length) return undefined;
  const early = medianOf(first.map(({ settleS }) => settleS));
  return early > 0 ? medianOf(recent.map(({ settleS }) => settleS)) / early : undefined;
}

/**
 * How a probe ages: accumulated gain and its robust trend, settling time, big offsets, and years.
 * Every warning says which of the four it is.
 */
export function probeLife(facts: ProbeFacts): ProbeLife {
  const { fittedMs, nowMs, accumulated, foundOffsetsPh } = facts;
  const ageDays = Math.max(0, (nowMs - (facts.bornMs ?? fittedMs)) / DAY_MS);
  const limitDays = facts.expectedLifeDays ?? EXPECTED_LIFE_DAYS;
  const gain = accumulated.at(-1)?.gain ?? 1;
  const bigOffsets = foundOffsetsPh.filter((offset) => Math.abs(offset) > BIG_OFFSET_PH).length;
  const settleTimes = settleTimesOf(facts);
  const warnings: ProbeWarning[] = [];
  if (gain < WORN_GAIN) warnings.push({ reason: 'wornGain', gain, limit: WORN_GAIN });
  if (settleTimes !== undefined && settleTimes > SLOW_SETTLING_TIMES)
    warnings.push({ reason: 'slowSettling', times: settleTimes, limit: SLOW_SETTLING_TIMES });
  if (bigOffsets >= 2)
    warnings.push({ reason: 'bigOffsets', count: bigOffsets, limitPh: BIG_OFFSET_PH });
  if (ageDays > limitDays) warnings.push({ reason: 'age', ageDays, limitDays });
  const steps = accumulated.map((step) => ({ x: (step.atMs - fittedMs) / DAY_MS, y: step.gain }));
  // Two checks at one moment tell no trend.
  const gainTrend = new Set(steps.map(({ x }) => x)).size >= 2 ? theilSen(steps) : undefined;
  return { ageDays, warnings, gainTrend, settleTimes };
}

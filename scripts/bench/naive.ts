import { phAnchorParts, truePhFor } from '../../src/core/calibration';
import {
  PRIOR_GAIN_RATE_PER_DAY,
  PRIOR_OFFSET_RATE_PH_PER_DAY,
  driftRate,
  incrementsOf,
  widenedStdU,
  type PhCheck,
} from '../../src/core/drift';
import {
  JUNCTION_STD_U_PH,
  REPEAT_STD_U_PH,
  digitStdU,
  makeBudget,
} from '../../src/core/uncertainty';
import { VERDICTS, judgeReading, type Band } from '../../src/core/verdict';

interface Reading {
  readonly atMs: number;
  readonly shownPh: number;
}

/** One reading the straightforward way: search the list, list the budget, work the rates out anew. */
function one(checks: readonly PhCheck[], { atMs, shownPh }: Reading, resolutionPh: number) {
  const before = checks.filter((check) => check.atMs <= atMs).at(-1)!;
  const index = checks.indexOf(before);
  const after = checks[index + 1];
  const known = incrementsOf(checks.slice(0, index + 1), ({ map }) => map.offsetPh);
  const gains = incrementsOf(checks.slice(0, index + 1), ({ map }) => map.gain);
  const rates = [
    driftRate(known, PRIOR_OFFSET_RATE_PH_PER_DAY),
    driftRate(gains, PRIOR_GAIN_RATE_PER_DAY),
  ] as const;
  const from = before.left.map;
  const f = after ? (atMs - before.atMs) / (after.atMs - before.atMs) : 0;
  const to = after?.found?.map ?? from;
  const map = {
    offsetPh: from.offsetPh + f * (to.offsetPh - from.offsetPh),
    gain: from.gain + f * (to.gain - from.gain),
  };
  const value = truePhFor(shownPh, map);
  const change = to.offsetPh - from.offsetPh + (to.gain - from.gain) * (value - 7);
  const held = Math.hypot(
    widenedStdU(rates[0], atMs - before.atMs),
    widenedStdU(rates[1], atMs - before.atMs) * (value - 7),
  );
  const drift = after ? Math.abs(change) * Math.sqrt(f * (1 - f)) : held;
  const anchor = f < 0.5 || !after?.found ? before.left : after.found;
  const budget = makeBudget([
    { source: 'digit', stdU: digitStdU(resolutionPh) },
    { source: 'repeat', stdU: REPEAT_STD_U_PH },
    { source: 'junction', stdU: JUNCTION_STD_U_PH },
    ...phAnchorParts(anchor, value),
    { source: 'drift', stdU: drift },
  ]);
  return { value, stdU: budget.stdU };
}

/** All readings the same way; the same checksum as the fast one. */
export function assessNaively(
  checks: readonly PhCheck[],
  readings: readonly Reading[],
  { pen, band }: { readonly pen: { readonly resolutionPh: number }; readonly band: Band },
): number {
  return readings.reduce((sum, reading) => {
    const { value, stdU } = one(checks, reading, pen.resolutionPh);
    return sum + value + VERDICTS.indexOf(judgeReading(value, stdU, band).verdict);
  }, 0);
}

import { TOO_PURE_BELOW_MS_PER_CM, judgeReading, type Band, type Judgement } from '../verdict';
import type { Assessed } from './assessPh';

/** A corrected value with its verdict against a band. */
export interface JudgedValue extends Assessed, Judgement {
  readonly band: Band;
}

/** The band of a sample that has none: nothing lies outside it. */
const NO_BAND: Band = { low: -Infinity, high: Infinity };

/**
 * Judges an assessed value against its band; without a band it is only stated. A pen never checked gives no firm verdict. For pH,
 * `ecMsPerCm` below 0.1 means water too pure for its pH to be judged or to matter.
 */
export function judgeTank(
  assessed: Assessed,
  band: Band | undefined,
  ecMsPerCm?: number,
): JudgedValue {
  const { value, budget, verified } = assessed;
  if (!band) return { ...assessed, verdict: 'noBand', pLow: 0, pIn: 1, pHigh: 0, band: NO_BAND };
  const judgement = judgeReading(value, budget.stdU, band, { firm: verified });
  const tooPure = ecMsPerCm !== undefined && ecMsPerCm < TOO_PURE_BELOW_MS_PER_CM;
  return { ...assessed, ...judgement, band, ...(tooPure ? { verdict: 'tooPure' as const } : {}) };
}

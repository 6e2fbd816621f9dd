import {
  TOO_PURE_BELOW_MS_PER_CM,
  judgeReading,
  verdictOf,
  type Band,
  type Judgement,
  type Verdict,
} from '../verdict';
import type { Assessed, QuickAssessed } from './assess';

/** A corrected value with its verdict against a band. */
export interface JudgedValue extends Assessed, Judgement {
  readonly band: Band;
}

/** The band of a sample that has none: nothing lies outside it. */
const NO_BAND: Band = { low: -Infinity, high: Infinity };

const NO_SIDE: Judgement = { verdict: 'cantTell', pLow: 0, pIn: 1, pHigh: 0 };

const isTooPure = (ecMsPerCm: number | undefined) =>
  ecMsPerCm !== undefined && ecMsPerCm < TOO_PURE_BELOW_MS_PER_CM;

/**
 * The verdict of an assessed value against its band; without a band it is only stated. Only a pen
 * that was checked, is whole and sure enough gives one. For pH, `ecMsPerCm` below 0.1 means water too
 * pure for its pH to be judged or to matter.
 */
export function judgedVerdict(
  assessed: QuickAssessed,
  band: Band | undefined,
  ecMsPerCm?: number,
): Verdict {
  if (!band) return 'noBand';
  if (isTooPure(ecMsPerCm)) return 'tooPure';
  const { value, standing } = assessed;
  return standing === 'checked' ? verdictOf(value, assessed, band) : 'cantTell';
}

/** The same with the probabilities behind it, for one reading that is shown. */
export function judgeTank(
  assessed: Assessed,
  band: Band | undefined,
  ecMsPerCm?: number,
): JudgedValue {
  const { value, spread, standing } = assessed;
  const verdict = judgedVerdict(assessed, band, ecMsPerCm);
  if (!band) return { ...assessed, ...NO_SIDE, verdict, band: NO_BAND };
  const judged = standing === 'checked' ? judgeReading(value, spread, band) : NO_SIDE;
  return { ...assessed, ...judged, verdict, band };
}

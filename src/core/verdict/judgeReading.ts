import { requireFinite } from '../result';
import { expandedUOf, probabilityBelow, type Spread } from '../uncertainty';

/** A target band; both ends in the unit of the value. */
export interface Band {
  readonly low: number;
  readonly high: number;
}

/** What a reading says about its band. The order is that of a column of verdicts. */
export const VERDICTS = [
  'low',
  'probablyLow',
  'probablyIn',
  'in',
  'probablyHigh',
  'high',
  'cantTell',
  'tooPure',
  'noBand',
] as const;
export type Verdict = (typeof VERDICTS)[number];

/** A verdict with the probabilities behind it; they sum to 1. */
export interface Judgement {
  readonly verdict: Verdict;
  readonly pLow: number;
  readonly pIn: number;
  readonly pHigh: number;
}

/** A firm verdict needs this probability. */
const FIRM_PROBABILITY = 0.95;

/** A probable verdict needs more than this. */
const LIKELY_PROBABILITY = 0.5;

/** Below this the liquid has too few ions for its pH to be judged or to matter, mS/cm. */
export const TOO_PURE_BELOW_MS_PER_CM = 0.1;

/** The probabilities of lying below, in and above a band; they sum to 1. */
function probabilities(value: number, spread: Spread, band: Band): Omit<Judgement, 'verdict'> {
  if (!(requireFinite('stdU', spread.stdU) > 0)) throw new RangeError('stdU must be positive');
  if (!(band.low < band.high)) throw new RangeError('a band needs low < high');
  const pLow = probabilityBelow(band.low - requireFinite('value', value), spread);
  const pHigh = probabilityBelow(value - band.high, spread);
  return { pLow, pHigh, pIn: Math.max(0, 1 - pLow - pHigh) };
}

/** The verdict that follows from them. */
function verdictFrom(
  { pLow, pIn, pHigh }: Omit<Judgement, 'verdict'>,
  expandedU: number,
  band: Band,
): Verdict {
  if (pLow >= FIRM_PROBABILITY) return 'low';
  if (pHigh >= FIRM_PROBABILITY) return 'high';
  if (expandedU > (band.high - band.low) / 2) return 'cantTell';
  if (pIn >= FIRM_PROBABILITY) return 'in';
  if (pIn > LIKELY_PROBABILITY) return 'probablyIn';
  if (pLow > LIKELY_PROBABILITY) return 'probablyLow';
  return pHigh > LIKELY_PROBABILITY ? 'probablyHigh' : 'cantTell';
}

/**
 * Judges a corrected value with its spread (stdU > 0) against a band (low < high). Low/high first: a
 * pen of ±0.4 still knows that 4.0 is low; then can't tell, when U exceeds half the band's width or
 * nothing is likelier than not; then in, probably in, probably low or high.
 * `judgeReading(6.2, { stdU: 0.05 }, { low: 5.6, high: 6.2 }).verdict // => probablyIn`
 */
export function judgeReading(value: number, spread: Spread, band: Band): Judgement {
  const chances = probabilities(value, spread, band);
  return { verdict: verdictFrom(chances, expandedUOf(spread), band), ...chances };
}

/** The verdict alone, for long histories, where U is known already. */
export function verdictOf(
  value: number,
  { spread, expandedU }: { readonly spread: Spread; readonly expandedU: number },
  band: Band,
): Verdict {
  return verdictFrom(probabilities(value, spread, band), expandedU, band);
}

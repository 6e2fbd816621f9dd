import { requireFinite } from '../result';

/** A value and its ±, rounded to the same place for people to read. */
export interface RoundedValue {
  readonly value: number;
  readonly expandedU: number;
  /** Decimals both are shown with. */
  readonly decimals: number;
}

/**
 * Rounds U to two significant digits when it starts with 1 or 2, else to one, and the value to the
 * same place, never beyond `maxDecimals` (JCGM 100:2008, 7.2.6). U must be positive.
 * `roundWithU(5.8642, 0.0731).value // => 5.86`
 */
export function roundWithU(value: number, expandedU: number, maxDecimals = 2): RoundedValue {
  requireFinite('value', value);
  if (!(requireFinite('expandedU', expandedU) > 0)) throw new RangeError('U must be positive');
  const magnitude = Math.floor(Math.log10(expandedU));
  const leading = Math.floor(expandedU / 10 ** magnitude);
  const wanted = (leading <= 2 ? 1 : 0) - magnitude;
  const decimals = Math.min(Math.max(wanted, 0), maxDecimals);
  const round = (x: number) => Number(x.toFixed(decimals));
  return { value: round(value), expandedU: round(expandedU), decimals };
}

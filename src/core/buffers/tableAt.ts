import { answer, outside, refuse, type OutOfRange, type Result } from '../result';

/** One row of a value against temperature, as on a label. */
export interface TemperaturePoint {
  readonly tempC: number;
  readonly value: number;
}

/**
 * Straight-line interpolation in a table sorted by temperature (at least one row). Refuses
 * temperatures outside the table: a label says nothing there. On the buffer tables a monotone
 * cubic would differ by less than 0.002 pH.
 */
export function tableAt(
  rows: readonly TemperaturePoint[],
  tempC: number,
): Result<number, OutOfRange> {
  const first = rows[0];
  const last = rows[rows.length - 1];
  if (!first || !last) throw new RangeError('a temperature table needs at least one row');
  const refusal = outside('tempC', tempC, { min: first.tempC, max: last.tempC });
  if (refusal) return refuse(refusal);
  const above = rows.find((row) => row.tempC >= tempC) ?? last;
  const below = rows[rows.indexOf(above) - 1] ?? above;
  if (above.tempC === below.tempC) return answer(above.value);
  const share = (tempC - below.tempC) / (above.tempC - below.tempC);
  return answer(below.value + share * (above.value - below.value));
}

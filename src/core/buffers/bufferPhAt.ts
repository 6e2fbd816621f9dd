import type { OutOfRange, Result } from '../result';
import { BUFFER_KNOTS_C, BUFFER_PH, type BufferKind } from './constants';
import { tableAt, type TemperaturePoint } from './tableAt';

/** What one cup holds: a buffer of the table, or a lot whose label prints a table of its own. */
export interface BufferReference {
  readonly kind: BufferKind;
  /** The value printed large on the label, e.g. 7.01, 6.86 or 4.00: what it is at 25 °C. */
  readonly nominalPh: number;
  /** The label's own table; it rules over ours. */
  readonly labelTable?: readonly TemperaturePoint[] | undefined;
}

/** A column of the table as rows. */
function rowsOf(kind: BufferKind): readonly TemperaturePoint[] {
  return BUFFER_KNOTS_C.map((tempC, at) => ({ tempC, value: BUFFER_PH[kind][at]! }));
}

/** Where labels state their value, °C. */
const LABEL_TEMP_C = 25;

/** A label this near its recipe's value at 25 °C only rounds it: 4.01 is 4.008, 10.01 is 10.012. */
const ROUNDED_LABEL_PH = 0.003;

/** How far a label stands from its recipe at 25 °C: its own value wins, the whole column follows. */
function labelShiftPh({ kind, nominalPh }: BufferReference): number {
  const shift = nominalPh - BUFFER_PH[kind][BUFFER_KNOTS_C.indexOf(LABEL_TEMP_C)]!;
  return Math.abs(shift) < ROUNDED_LABEL_PH ? 0 : shift;
}

/**
 * pH of a buffer at `tempC`, 0–50 °C (or the span of the label's table); refuses outside.
 * Source: see `BUFFER_PH`; proved by bufferPhAt.golden.json.
 * `bufferPhAt({ kind: 'technical-7.00', nominalPh: 7.01 }, 15).value // => 7.05`
 */
export function bufferPhAt(buffer: BufferReference, tempC: number): Result<number, OutOfRange> {
  if (buffer.labelTable && buffer.labelTable.length > 0) return tableAt(buffer.labelTable, tempC);
  const fromTable = tableAt(rowsOf(buffer.kind), tempC);
  return fromTable.ok ? { ok: true, value: fromTable.value + labelShiftPh(buffer) } : fromTable;
}

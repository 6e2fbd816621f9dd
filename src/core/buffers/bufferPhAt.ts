import type { OutOfRange, Result } from '../result';
import { BUFFER_KNOTS_C, BUFFER_PH, type BufferKind } from './constants';
import { tableAt, type TemperaturePoint } from './tableAt';

/** What one cup holds: a buffer of the table, or a lot whose label prints a table of its own. */
export interface BufferReference {
  readonly kind: BufferKind;
  /** The value printed large on the label, e.g. 7.01; shifts the technical 7.00 column. */
  readonly nominalPh: number;
  /** The label's own table; it rules over ours. */
  readonly labelTable?: readonly TemperaturePoint[] | undefined;
}

/** A column of the table as rows. */
function rowsOf(kind: BufferKind): readonly TemperaturePoint[] {
  return BUFFER_KNOTS_C.map((tempC, at) => ({ tempC, value: BUFFER_PH[kind][at]! }));
}

/** The technical recipe's nominal; a bottle labelled 7.01 is this column + 0.01. */
const TECHNICAL_NOMINAL_PH = 7.0;

/**
 * pH of a buffer at `tempC`, 0–50 °C (or the span of the label's table); refuses outside.
 * Source: see `BUFFER_PH`; proved by bufferPhAt.golden.json.
 */
export function bufferPhAt(buffer: BufferReference, tempC: number): Result<number, OutOfRange> {
  if (buffer.labelTable && buffer.labelTable.length > 0) return tableAt(buffer.labelTable, tempC);
  const fromTable = tableAt(rowsOf(buffer.kind), tempC);
  if (!fromTable.ok || buffer.kind !== 'technical-7.00') return fromTable;
  return { ok: true, value: fromTable.value + (buffer.nominalPh - TECHNICAL_NOMINAL_PH) };
}

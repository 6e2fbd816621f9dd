import { tableAt, type TemperaturePoint } from '../buffers';
import { outside, refuse, type OutOfRange, type Result } from '../result';
import {
  COMPENSATION_RANGE_C,
  KCL_EC_MS_PER_CM,
  KCL_KNOTS_C,
  REFERENCE_TEMP_C,
  STANDARD_ALPHA_PER_C,
  STANDARD_MIN_MS_PER_CM,
  type KclKind,
} from './constants';

/** What an EC cup holds: a standard named by its value at 25 °C. */
export interface EcStandard {
  readonly nominalMsPerCm: number;
  /** The label's own table; it rules over ours. */
  readonly labelTable?: readonly TemperaturePoint[] | undefined;
  /** The label's own coefficient per °C, where it prints one instead of a table. */
  readonly labelAlphaPerC?: number | undefined;
}

/** A nominal within this share of a KCl solution's 25 °C value is that solution (2.76 and 2.77). */
const SAME_SOLUTION_REL = 0.005;

const TABLES = Object.entries(KCL_EC_MS_PER_CM).map(([kind, column]) => ({
  kind: kind as KclKind,
  rows: column.map((value, at) => ({ tempC: KCL_KNOTS_C[at]!, value })),
  at25: column[KCL_KNOTS_C.indexOf(25)]!,
}));

/**
 * Conductivity in mS/cm of a standard at `tempC`: from the label's table, the label's α, the KCl
 * table (0–30 °C) scaled to the label's 25 °C value, or 1.91 %/°C (0–50 °C). Refuses outside, and
 * what no standard can be (`STANDARD_MIN_MS_PER_CM`).
 */
export function standardEcAt(standard: EcStandard, tempC: number): Result<number, OutOfRange> {
  const found = tabledEcAt(standard, tempC);
  if (!found.ok) return found;
  const limits = { min: STANDARD_MIN_MS_PER_CM, max: Number.MAX_VALUE };
  const refusal = outside('standard', found.value, limits);
  return refusal ? refuse(refusal) : found;
}

/** The same as its table or coefficient has it, sense or not. */
function tabledEcAt(standard: EcStandard, tempC: number): Result<number, OutOfRange> {
  if (standard.labelTable && standard.labelTable.length > 0) {
    return tableAt(standard.labelTable, tempC);
  }
  const nominal = standard.nominalMsPerCm;
  const kcl = TABLES.find(({ at25 }) => Math.abs(nominal / at25 - 1) <= SAME_SOLUTION_REL);
  if (kcl && standard.labelAlphaPerC === undefined && tempC <= KCL_KNOTS_C.at(-1)!) {
    const fromTable = tableAt(kcl.rows, tempC);
    return fromTable.ok ? { ok: true, value: (fromTable.value * nominal) / kcl.at25 } : fromTable;
  }
  const refusal = outside('tempC', tempC, COMPENSATION_RANGE_C);
  if (refusal) return refuse(refusal);
  const alphaPerC = standard.labelAlphaPerC ?? STANDARD_ALPHA_PER_C;
  return { ok: true, value: nominal * (1 + alphaPerC * (tempC - REFERENCE_TEMP_C)) };
}

import { tableAt, type TemperaturePoint } from '../buffers';
import { outside, refuse, type OutOfRange, type Result } from '../result';
import {
  COMPENSATION_RANGE_C,
  KCL_EC_MS_PER_CM,
  KCL_KNOTS_C,
  REFERENCE_TEMP_C,
  STANDARD_ALPHA_PER_C,
  STANDARD_MAX_MS_PER_CM,
  STANDARD_MIN_MS_PER_CM,
  type KclKind,
} from './constants';
import { linearityBoundRel } from './linearityBound';

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
  at25: column[KCL_KNOTS_C.indexOf(REFERENCE_TEMP_C)]!,
}));

/** The KCl solution nearest to a nominal, by ratio. */
function nearestKcl(nominalMsPerCm: number) {
  const distance = ({ at25 }: (typeof TABLES)[number]) => Math.abs(Math.log(nominalMsPerCm / at25));
  return TABLES.reduce((best, one) => (distance(one) < distance(best) ? one : best));
}

/** How a standard's value at a temperature is known. */
type Source = 'label' | 'labelCoefficient' | 'kcl' | 'coefficientAboveTable';

function sourceOf(standard: EcStandard, tempC: number): Source {
  if (standard.labelTable && standard.labelTable.length > 0) return 'label';
  if (standard.labelAlphaPerC !== undefined) return 'labelCoefficient';
  const { at25 } = nearestKcl(standard.nominalMsPerCm);
  const isKcl = Math.abs(standard.nominalMsPerCm / at25 - 1) <= SAME_SOLUTION_REL;
  return isKcl && tempC > KCL_KNOTS_C.at(-1)! ? 'coefficientAboveTable' : 'kcl';
}

/**
 * Conductivity in mS/cm of a standard at `tempC`: from the label's table, the label's α (0–50 °C), or
 * the nearest KCl column (0–30 °C) in proportion to the label's 25 °C value; a KCl solution itself
 * goes on above 30 °C by 1.91 %/°C. Refuses outside, nominal values above 50 mS/cm, and what no
 * standard can be (`STANDARD_MIN_MS_PER_CM`).
 * `standardEcAt({ nominalMsPerCm: 1.413 }, 20).value // => 1.278`
 */
export function standardEcAt(standard: EcStandard, tempC: number): Result<number, OutOfRange> {
  const limits = { min: STANDARD_MIN_MS_PER_CM, max: STANDARD_MAX_MS_PER_CM };
  const refusal = outside('standard', standard.nominalMsPerCm, limits);
  if (refusal) return refuse(refusal);
  const found = tabledEcAt(standard, tempC);
  if (!found.ok) return found;
  const senseless = outside('standard', found.value, { ...limits, max: Number.MAX_VALUE });
  return senseless ? refuse(senseless) : found;
}

/** The same as its table or coefficient has it, sense or not. */
function tabledEcAt(standard: EcStandard, tempC: number): Result<number, OutOfRange> {
  const source = sourceOf(standard, tempC);
  const nominal = standard.nominalMsPerCm;
  if (source === 'label') return tableAt(standard.labelTable!, tempC);
  if (source === 'kcl') {
    const { rows, at25 } = nearestKcl(nominal);
    const fromTable = tableAt(rows, tempC);
    return fromTable.ok ? { ok: true, value: (fromTable.value * nominal) / at25 } : fromTable;
  }
  const refusal = outside('tempC', tempC, COMPENSATION_RANGE_C);
  if (refusal) return refuse(refusal);
  const alphaPerC = standard.labelAlphaPerC ?? STANDARD_ALPHA_PER_C;
  return { ok: true, value: nominal * (1 + alphaPerC * (tempC - REFERENCE_TEMP_C)) };
}

/**
 * What a coefficient instead of a table adds to a standard's own tolerance, relative (a bound): a
 * straight line is 1 % off at 10 °C from 25. Nothing where a table rules.
 */
export function standardExtraBoundRel(standard: EcStandard, tempC: number): number {
  const source = sourceOf(standard, tempC);
  const byLine = source === 'labelCoefficient' || source === 'coefficientAboveTable';
  return byLine ? linearityBoundRel(tempC) : 0;
}

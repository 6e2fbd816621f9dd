import { rootSumSquare } from '../statistics';
import { COVERAGE_FACTOR } from './constants';

/** What makes a number uncertain. Each has its sentence in src/words. */
export type BudgetSource =
  | 'drift'
  | 'standards'
  | 'check'
  | 'digit'
  | 'repeat'
  | 'junction'
  | 'noTemperatureCompensation'
  | 'thermometer'
  | 'feedCoefficient'
  | 'linearCompensation'
  | 'makersAccuracy';

/** One part of a budget, as a standard uncertainty in the unit of the value. */
export interface BudgetPart {
  readonly source: BudgetSource;
  readonly stdU: number;
}

/** How uncertain a value is and why. */
export interface Budget {
  readonly stdU: number;
  /** 2 · stdU, about 95 %. */
  readonly expandedU: number;
  /** Largest first; parts of zero are left out. */
  readonly parts: readonly BudgetPart[];
}

/** Combines independent parts into a budget (JCGM 100:2008, 5.1.2 and 6.2.1). */
export function makeBudget(parts: readonly BudgetPart[]): Budget {
  const real = parts.filter((part) => part.stdU > 0);
  const stdU = rootSumSquare(real.map((part) => part.stdU));
  const sorted = [...real].sort((a, b) => b.stdU - a.stdU);
  return { stdU, expandedU: COVERAGE_FACTOR * stdU, parts: sorted };
}

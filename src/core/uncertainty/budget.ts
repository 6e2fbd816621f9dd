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

/** Takes one part of a budget; a sum of squares needs no list of them. */
export type AddPart = (source: BudgetSource, stdU: number) => void;

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

/** Lists what a calculation tells part by part, as a budget. */
export function collectBudget(tell: (add: AddPart) => void): Budget {
  const parts: BudgetPart[] = [];
  tell((source, stdU) => parts.push({ source, stdU }));
  return makeBudget(parts);
}

/** The combined standard uncertainty of the same parts without listing them: for long histories. */
export function combineStdU(tell: (add: AddPart) => void): number {
  let sum = 0;
  tell((_source, stdU) => {
    sum += stdU * stdU;
  });
  return Math.sqrt(sum);
}

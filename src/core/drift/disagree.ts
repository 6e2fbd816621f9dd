import { MINUTE_MS } from '../units';

/** Two pens read the same sample within this, ms. */
export const SAME_SAMPLE_MS = 15 * MINUTE_MS;

/** Their difference is too large beyond so many of its standard uncertainties. */
const DISAGREE_FROM = 2.5;

/** A pen's value of a sample. */
export interface PenValue {
  readonly value: number;
  /** Standard uncertainty, junction and bottles of each pen counted apart. */
  readonly stdU: number;
}

/** How two pens stand to each other in one sample. */
export interface Disagreement {
  readonly difference: number;
  /** The difference's own ±, standard. */
  readonly stdU: number;
  readonly tooLarge: boolean;
  /** Which is the less sure one. */
  readonly lessSure: 'first' | 'second';
}

/** Whether two pens disagree by more than they are unsure. */
export function disagreement(first: PenValue, second: PenValue): Disagreement {
  const difference = first.value - second.value;
  const stdU = Math.hypot(first.stdU, second.stdU);
  return {
    difference,
    stdU,
    tooLarge: Math.abs(difference) > DISAGREE_FROM * stdU,
    lessSure: first.stdU >= second.stdU ? 'first' : 'second',
  };
}

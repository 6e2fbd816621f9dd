import type { Verdict } from '@/core/verdict';
import { VERDICT_WORD } from './verdictWords';

/** What a notch says to somebody who cannot see it. All numbers come written, with units. */
export function notchSentence(parts: {
  readonly quantity: string;
  readonly value: string;
  readonly plusMinus: string;
  readonly low: string;
  readonly high: string;
  readonly unit: string;
  readonly verdict: Verdict;
}): string {
  const { quantity, value, plusMinus, low, high, unit, verdict } = parts;
  const tail = unit === '' ? '' : ` ${unit}`;
  return `${quantity} ${value} plus or minus ${plusMinus}${tail}, ${VERDICT_WORD[verdict]}; band ${low} to ${high}${tail}.`;
}

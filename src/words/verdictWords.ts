import type { Verdict } from '@/core/verdict';

/** A verdict as the short sentence that stands first. */
export const VERDICT_SENTENCE: Readonly<Record<Verdict, string>> = {
  in: 'In band.',
  probablyIn: 'Probably in band.',
  low: 'Low.',
  probablyLow: 'Probably low.',
  high: 'High.',
  probablyHigh: 'Probably high.',
  cantTell: 'Can’t tell.',
  tooPure: 'Too pure to judge.',
  noBand: 'No band set.',
};

/** A verdict as it stands inside a line. */
export const VERDICT_WORD: Readonly<Record<Verdict, string>> = {
  in: 'in band',
  probablyIn: 'probably in',
  low: 'low',
  probablyLow: 'probably low',
  high: 'high',
  probablyHigh: 'probably high',
  cantTell: 'can’t tell',
  tooPure: 'too pure to judge',
  noBand: 'no band set',
};

/** How loudly a verdict speaks; colour only repeats what shape and words say. */
export type Tone = 'fit' | 'attention' | 'off' | 'plain' | 'soft';

/** The tone of each verdict. */
export const VERDICT_TONE: Readonly<Record<Verdict, Tone>> = {
  in: 'fit',
  probablyIn: 'attention',
  low: 'off',
  probablyLow: 'attention',
  high: 'off',
  probablyHigh: 'attention',
  cantTell: 'plain',
  tooPure: 'plain',
  noBand: 'plain',
};

/** What to do about a verdict, in one sentence; '' when there is nothing to add. */
export function verdictAdvice(verdict: Verdict, expandedU: string): string {
  switch (verdict) {
    case 'in':
      return 'Nothing to do.';
    case 'low':
    case 'high':
      return 'Correct the tank.';
    case 'probablyLow':
    case 'probablyHigh':
      return 'Rinse, swirl and read once more before you pour.';
    case 'cantTell':
      return `This pen is ± ${expandedU}. A check takes two minutes a cup. Don’t dose on this.`;
    case 'tooPure':
      return 'Almost no minerals: its pH cannot be judged, and need not be.';
    case 'noBand':
      return 'Set a band for this kind of sample on its tank’s page.';
    case 'probablyIn':
      return 'Close to the edge.';
  }
}

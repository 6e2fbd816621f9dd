import type { LotAnswer } from '@/book/answers';

const ORDER: readonly LotAnswer['state']['word'][] = ['expired', 'tooOld', 'soon', 'good', 'empty'];

/** The lot that stands beside the list before one was chosen: what is past its date or soon will be. */
export const lotInView = (lots: readonly LotAnswer[]): LotAnswer | undefined =>
  [...lots].sort((a, b) => ORDER.indexOf(a.state.word) - ORDER.indexOf(b.state.word))[0];

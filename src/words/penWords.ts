import type { PenWord } from '@/core/schedule';
import type { Tone } from './verdictWords';

/** A pen's state in a word. */
export const PEN_WORD: Readonly<Record<PenWord, string>> = {
  ready: 'Ready',
  checkDue: 'Check due',
  cantBeTrusted: 'Can’t be trusted',
  unverified: 'Not checked yet',
};

/** Its tone. */
export const PEN_TONE: Readonly<Record<PenWord, Tone>> = {
  ready: 'fit',
  checkDue: 'attention',
  cantBeTrusted: 'off',
  unverified: 'attention',
};

/** Why a pen is in that state, in one sentence. */
export const PEN_REASON: Readonly<Record<PenWord, string>> = {
  ready: 'Its newest check holds and the next one is not due.',
  checkDue: 'The time between checks you chose has passed.',
  cantBeTrusted:
    'It was left out of tolerance, or by its own record it may have drifted four tolerances since.',
  unverified: 'Zolder has not seen it in a buffer: the maker’s word is all there is.',
};

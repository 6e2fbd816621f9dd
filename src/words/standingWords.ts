import type { JudgedValue, ReadingStanding } from '@/core/readings';
import {
  VERDICT_SENTENCE,
  VERDICT_TONE,
  VERDICT_WORD,
  verdictAdvice,
  type Tone,
} from './verdictWords';

/** What stands in the place of a verdict where the pen can give none. */
interface StandingWords {
  /** Inside a line. */
  readonly word: string;
  /** First, as a sentence. */
  readonly sentence: string;
  readonly advice: string;
  readonly tone: Tone;
}

const STANDING: Readonly<Record<Exclude<ReadingStanding, 'checked'>, StandingWords>> = {
  unverified: {
    word: 'unverified',
    sentence: 'Unverified.',
    advice: 'This pen was never checked, so no verdict rests on it. Check it; no dose until then.',
    tone: 'attention',
  },
  broken: {
    word: 'pen broken?',
    sentence: 'This pen is broken, or a dip was noted wrongly.',
    advice: 'What it shows says nothing of the tank. Its page says what to look at.',
    tone: 'off',
  },
  unknown: {
    word: 'pen unsure',
    sentence: 'This pen can’t give a number.',
    advice: 'Too much may have happened to it by then. A check tells; no dose on this.',
    tone: 'off',
  },
  impossible: {
    word: 'no such water',
    sentence: 'No water has this value.',
    advice: 'Read once more: the unit, the pen and its cap.',
    tone: 'off',
  },
};

/** What a judged value says: its verdict, or why there is none. All its words belong together. */
export function judgedWords(
  { standing, verdict }: Pick<JudgedValue, 'standing' | 'verdict'>,
  expandedU: string,
): StandingWords {
  const judged = standing === 'checked' || verdict === 'tooPure' || verdict === 'noBand';
  if (!judged) return STANDING[standing];
  return {
    word: VERDICT_WORD[verdict],
    sentence: VERDICT_SENTENCE[verdict],
    advice: verdictAdvice(verdict, expandedU),
    tone: VERDICT_TONE[verdict],
  };
}

import type { Formats } from '@/words';

/** A short "why", with what its drawing says at each place of the finger. */
interface Why {
  readonly title: string;
  readonly text: string;
  readonly finger: string;
}

/** What each explanation is called and says. */
export const WHY_WORDS = {
  stir: {
    title: 'Why stir?',
    text: 'Liquid from the cup before clings to the glass. Stirred, the new one takes its place in seconds; left alone, it has to creep in.',
    finger: 'Stirred for',
  },
  wait: {
    title: 'Why 30 seconds?',
    text: 'Glass follows the liquid fast at first, then ever more slowly. A number that has just stopped may still have a tenth to go.',
    finger: 'Pressed after',
  },
  dirt: {
    title: 'What does a dirty bulb do?',
    text: 'Dirt slows the glass and takes some of its slope. It ends beside the true value, and late.',
    finger: 'Dirt on the bulb',
  },
  seven: {
    title: 'Why 7 first?',
    text: 'At 7 the glass gives no voltage, whatever its slope: only the zero moves it there. Set the 4 first, and the error of the zero goes into the slope.',
    finger: 'Its zero is off by',
  },
  slope: {
    title: 'What is a slope?',
    text: 'How much the display moves for each pH, against what theory says. It falls with age. Below 85 % fit a new probe.',
    finger: 'Slope',
  },
} as const satisfies Readonly<Record<string, Why>>;

export type WhyId = keyof typeof WHY_WORDS;
/** The explanations by their names. */
export const WHY_IDS = Object.keys(WHY_WORDS) as readonly WhyId[];

/** What stands around an explanation. */
export const whySays = {
  title: 'Why is that so?',
  about:
    'Move the slider with a finger, or with the arrow keys. The drawing is worked out by the same laws as the pen.',
  seconds: (seconds: number) => `${seconds} s`,
  percent: (percent: number) => `${percent} %`,
  mv: (mv: number, formats: Formats) => `${formats.signed(mv, 0)} mV`,
  stirred: (ph: string, away: string) => `After 30 s it shows ${ph} pH, with ${away} pH to go.`,
  pressed: (seconds: number, away: string) =>
    `Pressed after ${seconds} s, the pen stores a point that is ${away} pH off.`,
  dirty: (percent: number, seconds: string, end: string) =>
    `With ${percent} % dirt it needs ${seconds} to come within 0.02 pH, and ends at ${end} pH.`,
  longer: 'more than 3 minutes',
  dials: (four: string, seven: string) =>
    `4 first, then 7: ${four} pH off at pH 6. 7 first, then 4: ${seven} pH off.`,
  slope: (percent: number, shown: string) =>
    `With a slope of ${percent} %, right at 7: in the 4.00 it shows ${shown} pH.`,
  time: 'seconds after the dip',
  truth: 'true pH',
} as const;

import type { PenDisplay } from '@/core/simulated-pen';
import { counted } from '@/words';

/** The practice bench: its keys, its buttons, what it says. */
export const practiceSays = {
  practice: 'Practice',
  about:
    'A simulated pen that obeys the same laws as yours. Every mistake is free here, and you see what it would have cost.',
  notInBook: 'Nothing of this goes into your book.',
  tasks: 'Seventeen tasks, from first to hard',
  start: 'Start',
  again: 'Again',
  doneBefore: (mistakes: number) =>
    mistakes === 0 ? 'Done without a mistake.' : `Done. Kinds of mistakes: ${mistakes}.`,
  free: 'Your own bench',
  freeAbout: 'Any pen, any age, any fault.',
  setUp: 'Set it up',
  surprise: 'Surprise me',
  code: 'A code from your supervisor',
  codeHint: 'Seven letters and digits, like K7Q-4MPX.',
  open: 'Open',
  badCode: 'This is no code of a practice. Look at each letter again.',
  yourCode: (code: string) => `The code of this run: ${code}`,
  codeIsFor: 'Whoever types it gets the same bench.',
  why: 'Why is that so?',
  results: 'Your results',
  noResults: 'Nothing finished yet.',
  saveResults: 'Save as CSV',
  initials: 'Initials for the results (may stay empty)',
  initialsMessage: 'At most 4 letters.',
  pen: 'Pen',
  age: 'Age of its probe',
  fault: 'What is wrong with it',
  begin: 'Begin',
  next: 'Next',
  guide: 'How to be helped',
  guided: 'With help',
  alone: 'On my own',
  speed: 'Time',
  faster: (times: number) => `×${times}`,
  cups: 'Cups',
  keys: 'Keys of the pen',
  dragIt: 'Drag it to a cup',
  hands: 'What to do with the tip',
  more: 'More',
  less: 'Less',
  bottles: 'Bottles',
  clean: 'Clean',
  capIt: 'Cap it with',
  letPass: 'Let time pass',
  rinse: 'Rinse',
  rinsePure: 'Rinse in pure water',
  shake: 'Shake',
  blot: 'Blot',
  wipe: 'Wipe dry',
  touch: 'Touch the bulb',
  stir: 'Stir',
  tapOff: 'Tap off bubbles',
  lift: 'Lift out',
  uncap: 'Take the cap off',
  wetFilm: 'Wet-film test',
  cap: 'Cap: storage solution',
  note: 'Write it down',
  noteShown: (shown: string, unit: string) => `Write down ${shown} ${unit}`,
  intoJar: 'Into the jar, diluted 1 in 50',
  drops: (drops: number) => `+ ${counted(drops, 'drop')}`,
  intoTank: 'Into the tank',
  pourAcid: 'Pour acid',
  pourBase: 'Pour base',
  ml: 'Amount to pour',
  mlMessage: 'A number of mL between 0.1 and 500.',
  pour: (what: string) => `Pour fresh ${what}`,
  pourBack: (what: string) => `Pour the ${what} back into its bottle`,
  bottle: (what: string, days: number, expired: boolean) =>
    `${what}, opened ${days === 0 ? 'today' : `${counted(days, 'day')} ago`}${expired ? ', past its date' : ''}`,
  dissolve: (what: string) => `Dissolve the ${what}`,
  water: 'Water for a sachet',
  spoon: 'Spoon',
  spoonRinsed: 'Rinsed and dried',
  spoonAsIs: 'As it is',
  finish: 'Finish',
  leave: 'Leave',
  done: 'What you did',
  nothingYet: 'Nothing yet. Take the cap off, or press a key of the pen.',
  costs: 'What it cost',
  workingOut: 'Playing it again without that…',
  noMistake: 'No mistake.',
  wellDone: 'What was right',
  ended: 'How it ended',
  tryNext: 'One thing to try next',
  tryAgain: 'Try this task again',
  nextTask: (name: string) => `Next task: ${name}`,
  allDone: 'That was the last task. Set up a bench of your own, or let it surprise you.',
  record: 'Readings since the last good check',
  recordRow: (days: number, shown: string) => `${counted(days, 'day')} ago: ${shown} pH shown`,
  wasIt: (ph: string) => `${ph} pH`,
  trueLine: 'How far off it is, by pH',
  trueLineAbout: (atStart: string, atEnd: string) =>
    `At pH 6 it read ${atStart} off at the start (dashed), ${atEnd} when you finished.`,
  notThere: 'There is no such task.',
  saved: 'Kept with your results.',
  keepAgain: 'Try again',
  notSaved: 'This result could not be kept. The device may be full.',
  cupEmpty: 'empty',
  dipIn: (cup: string) => `Dip in the ${cup}`,
  isIn: (cup: string) => `The tip is in the ${cup}`,
  step: 'Step',
  screw: 'Screw',
  zeroDial: 'Zero dial',
  slopeDial: 'Slope dial',
  cellDial: 'EC dial',
  power: 'ON/OFF',
  mode: 'MODE',
  hold: 'HOLD',
  measure: 'MEASURE',
  cal: (word: string | undefined) => word ?? 'CAL',
  calShort: (word: string | undefined) => word ?? 'CAL',
  calLong: (word: string | undefined, seconds: number) => `${word ?? 'CAL'} ${seconds} s`,
  pressTwice: (word: string | undefined) => `${word ?? 'CAL'} ×2`,
} as const;

/** What stands on the display beside the number. */
export const DISPLAY_SIGNS = {
  calibrate: 'CAL',
  took: 'taken',
  held: 'HOLD',
  quiet: 'steady',
  lowBattery: 'battery low',
  mark: 'calibrated',
} as const;

/** The display in one sentence, for who cannot see it. */
export function displaySentence(display: PenDisplay, shown: string): string {
  switch (display.state) {
    case 'off':
      return 'The pen is off.';
    case 'asleep':
      return 'The pen sleeps. Press a key.';
    case 'error':
      return `The pen shows ${display.error?.text ?? 'an error'}.`;
    default:
      return `The pen shows ${shown}.`;
  }
}

/** What may be wrong with a pen. */
export const FAULT_WORDS = {
  none: 'Nothing',
  drifted: 'It has drifted',
  dry: 'Its probe is dry',
  dirty: 'Its probe is dirty',
  leached: 'It stood in pure water',
  greasy: 'Its EC face is greasy',
  bubble: 'Bubbles catch in it',
  badBottle: 'A bottle is spoiled',
} as const;

/** How old a probe is. */
export const AGE_WORDS: Readonly<Record<string, string>> = {
  30: 'new',
  180: 'half a year',
  330: '11 months',
  450: '15 months',
};

/** Hours that can be let pass, with their words. */
export const PASSING = [
  { hours: 0.2, label: '12 minutes' },
  { hours: 2, label: '2 h' },
  { hours: 24, label: '24 h' },
] as const;

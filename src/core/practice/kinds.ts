import type { Act, World } from '../simulated-pen';

/** Mistakes that practice knows: each is noticed when it is made, and can be left out of a replay. */
export type MistakeKind =
  | 'unrinsed'
  | 'pressedEarly'
  | 'notedEarly'
  | 'wrongCup'
  | 'badPortion'
  | 'adjustedGood'
  | 'cleanedFirst'
  | 'wiped'
  | 'touched'
  | 'storedWrong'
  | 'leftDry'
  | 'noSoak'
  | 'scraped'
  | 'bubble'
  | 'greaseLeft'
  | 'printedNumber'
  | 'slopeFirst'
  | 'heldNumber'
  | 'chased'
  | 'dosedTwice'
  | 'tooMuchAtOnce'
  | 'spoonNotRinsed'
  | 'wrongWater'
  | 'pouredBack'
  | 'wrongAnswer';

/** A mistake seen in one act, with what a careful hand does in its place. */
export interface Noticed {
  readonly kind: MistakeKind;
  readonly instead: readonly Act[];
  /** What comes after is left out too, until this is done. */
  readonly until?: Act['do'];
}

/** What a task asks at the end; the right choice follows from the bench as it was set up. */
export interface Question {
  readonly id: string;
  readonly choices: readonly string[];
  readonly right: string;
}

/** The tasks of the practice, in the order they are offered. */
export const TASK_IDS = [
  'newPen',
  'foundGood',
  'cold16',
  'sachets',
  'trimScrew',
  'twoDials',
  'tooEarly',
  'swapped',
  'expired',
  'greasyCell',
  'bubble',
  'pureWater',
  'oldSlow',
  'lookBack',
  'hardWater',
  'chasing',
  'tapWater',
] as const;

export type TaskId = (typeof TASK_IDS)[number];

/** What is practised: one of the tasks, or a bench of one’s own. */
export interface Practice {
  readonly id: TaskId | 'free';
  /** The bench before the first touch. */
  readonly start: World;
  /** Where the crop lives: the error of the pen is judged here. */
  readonly crop: { readonly ph?: number; readonly tempC?: number; readonly ecMsPerCm?: number };
  readonly questions: readonly Question[];
  /** How long after the last act the pen is looked at again, h. */
  readonly laterH: number;
  /** Whether readings were made with the pen before: then what it was found at tells of them. */
  readonly hasPast: boolean;
  /** What an answer does beside being one: a pen that is retired is replaced. */
  readonly answered?: ((world: World, choice: string) => World) | undefined;
  readonly record?: readonly RecordRow[] | undefined;
}

/** A reading of the small record that a look-back is practised on. */
export interface RecordRow {
  readonly daysAgo: number;
  readonly shownPh: number;
  /** What it truly was. */
  readonly truePh: number;
}

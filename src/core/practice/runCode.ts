import { AGES_DAYS, FAULTS, type Fault } from './free';
import { TASK_IDS, type TaskId } from './kinds';

/** What a short code stands for: a task, or a bench of one of the usual profiles, with its seed. */
export type RunSpec =
  | { readonly id: TaskId; readonly seed: number }
  | {
      readonly id: 'free';
      readonly seed: number;
      /** Place in the list of usual profiles. */
      readonly profileAt: number;
      readonly ageDays: (typeof AGES_DAYS)[number];
      readonly fault: Fault;
    };

/** Thirty letters and digits that nobody takes for one another. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
const PLACES = 6;

/** Seeds from 0 to this are told by a code. */
export const SEEDS = 1_000_000;
const PROFILES = 16;

function kindOf(spec: RunSpec): number {
  if (spec.id !== 'free') return TASK_IDS.indexOf(spec.id);
  const { profileAt, ageDays, fault } = spec;
  const at = (profileAt * AGES_DAYS.length + AGES_DAYS.indexOf(ageDays)) * FAULTS.length;
  return TASK_IDS.length + at + FAULTS.indexOf(fault);
}

function specOf(kind: number, seed: number): RunSpec | undefined {
  const id = TASK_IDS[kind];
  if (id) return { id, seed };
  const at = kind - TASK_IDS.length;
  const fault = FAULTS[at % FAULTS.length]!;
  const rest = Math.floor(at / FAULTS.length);
  const profileAt = Math.floor(rest / AGES_DAYS.length);
  if (profileAt >= PROFILES) return undefined;
  return { id: 'free', seed, profileAt, ageDays: AGES_DAYS[rest % AGES_DAYS.length]!, fault };
}

/** A letter that follows from the others, each weighed by its place: one wrong or swapped letter is noticed. */
const checkLetter = (letters: string): string =>
  LETTERS[[...letters].reduce((sum, one, at) => sum + (at + 1) * LETTERS.indexOf(one), 7) % 29]!;

/** The short code of a run, like K7Q-4MPX: what a supervisor hands over. Seeds below a million. */
export function codeOf(spec: RunSpec): string {
  let value = kindOf(spec) * SEEDS + (Math.abs(Math.trunc(spec.seed)) % SEEDS);
  let letters = '';
  for (let place = 0; place < PLACES; place += 1) {
    letters = LETTERS[value % LETTERS.length]! + letters;
    value = Math.floor(value / LETTERS.length);
  }
  const whole = letters + checkLetter(letters);
  return `${whole.slice(0, 3)}-${whole.slice(3)}`;
}

/** What a typed code stands for; undefined where it is none. Small letters and spaces do no harm. */
export function specFromCode(typed: string): RunSpec | undefined {
  const letters = typed.toUpperCase().replace(/[\s-]/g, '');
  const known = letters.length === PLACES + 1 && [...letters].every((one) => LETTERS.includes(one));
  if (!known || checkLetter(letters.slice(0, PLACES)) !== letters[PLACES]) return undefined;
  const value = [...letters.slice(0, PLACES)].reduce(
    (sum, one) => sum * LETTERS.length + LETTERS.indexOf(one),
    0,
  );
  return specOf(Math.floor(value / SEEDS), value % SEEDS);
}

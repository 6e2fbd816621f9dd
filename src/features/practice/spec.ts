import {
  codeOf,
  freePractice,
  practiceOf,
  SEEDS,
  specFromCode,
  surprise,
  TASK_IDS,
  type AGES_DAYS,
  type Fault,
  type Practice,
  type RunSpec,
  type TaskId,
} from '@/core/practice';
import type { SimProfile } from '@/core/simulated-pen';
import { GENERIC_PROFILES } from '@/records/profiles';

/** A bench with its code; a pen of one's own has none, for nobody else has its profile. */
export interface Opened {
  readonly practice: Practice;
  readonly code?: string | undefined;
}

/** A seed nobody has chosen. */
export const anySeed = (): number => Math.floor(Math.random() * SEEDS);

/** The bench of a spec: a task, or one of the usual profiles; undefined where there is no such profile. */
export function openSpec(spec: RunSpec): Opened | undefined {
  if (spec.id !== 'free') return { practice: practiceOf(spec.id, spec.seed), code: codeOf(spec) };
  const profile = GENERIC_PROFILES[spec.profileAt];
  if (!profile) return undefined;
  return { practice: freePractice({ ...spec, profile }), code: codeOf(spec) };
}

/** The bench of a code, typed or in an address. */
export function openCode(code: string): Opened | undefined {
  const spec = specFromCode(code);
  return spec && openSpec(spec);
}

/** A bench that nobody chose. */
export function surpriseSpec(seed: number): RunSpec {
  return { id: 'free', seed, ...surprise(seed, GENERIC_PROFILES.length) };
}

/** A bench of a pen from the book. */
export const ownBench = (
  profile: SimProfile,
  ageDays: (typeof AGES_DAYS)[number],
  fault: Fault,
  seed: number,
): Opened => ({ practice: freePractice({ profile, ageDays, fault, seed }) });

/** The task after this one; undefined after the last. */
export function taskAfter(id: TaskId | 'free'): TaskId | undefined {
  return id === 'free' ? undefined : TASK_IDS[TASK_IDS.indexOf(id) + 1];
}

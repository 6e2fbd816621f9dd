import { dipReading, type BenchEvent } from './benchEvents';
import type { BenchPlan } from './benchPlan';
import { judgeDip } from './judgeDip';
import { nextBenchStep, type BenchOutcome } from './nextBenchStep';

/**
 * What a sitting comes to that is ended where it stands: its outcome if it is through, else what was
 * found. Cups that were not read count as good; nothing that was adjusted is claimed.
 */
export function outcomeSoFar(plan: BenchPlan, events: readonly BenchEvent[]): BenchOutcome {
  const step = nextBenchStep(plan, events);
  if (step.kind === 'finish') return step.outcome;
  const foundGood = plan.cups.every((cup) => {
    const { reading } = dipReading(events, 'asFound', cup.id);
    return !reading || judgeDip(plan, cup, 'asFound', reading.shown).within;
  });
  return foundGood ? 'inTolerance' : 'leftOut';
}

/** What is done about a point that missed before it is dipped again. */
export type Remedy = 'none' | 'cleaning' | 'freshPortion';

/**
 * The remedy after the nth miss of a point, n counted from 1: first only once more, then a clean probe,
 * then a fresh portion; after that nothing is left to try but the probe itself.
 *
 *     remedyAfter(2) // => 'cleaning'
 */
export function remedyAfter(misses: number): Remedy {
  if (misses === 2) return 'cleaning';
  return misses === 3 ? 'freshPortion' : 'none';
}

import type { BenchEvent } from './benchEvents';
import type { BenchPlan } from './benchPlan';
import { nextBenchStep, type BenchOutcome } from './nextBenchStep';

/**
 * How a check that is in the book ended, once what was shown in it is put right. What was done stays
 * done: a pen that was adjusted stays adjusted, with a miss where a point would have asked for another
 * try; one that was left alone was good or left out, as its values say. A check that would lack a value
 * keeps the outcome it had.
 */
export function amendedOutcome(
  plan: BenchPlan,
  events: readonly BenchEvent[],
  was: BenchOutcome,
): BenchOutcome {
  const step = nextBenchStep(plan, events);
  switch (step.kind) {
    case 'finish':
      return step.outcome;
    case 'asFoundGood':
      return 'inTolerance';
    case 'asFoundOut':
      return 'leftOut';
    case 'missed':
      return 'adjustedWithMiss';
    case 'dip':
      return was;
  }
}

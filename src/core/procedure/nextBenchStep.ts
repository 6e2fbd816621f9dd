import { dipReading, type BenchEvent, type DipPhase } from './benchEvents';
import type { BenchPlan, Cup } from './benchPlan';
import { judgeDip } from './judgeDip';

/** How a sitting ended. */
export type BenchOutcome = 'inTolerance' | 'adjusted' | 'adjustedWithMiss' | 'leftOut';

/** What to do next at the Bench. */
export type BenchStep =
  | { readonly kind: 'dip'; readonly phase: DipPhase; readonly cup: Cup; readonly attempt: number }
  | {
      readonly kind: 'missed';
      readonly phase: DipPhase;
      readonly cup: Cup;
      readonly attempt: number;
    }
  | { readonly kind: 'asFoundGood' }
  | { readonly kind: 'asFoundOut' }
  | { readonly kind: 'finish'; readonly outcome: BenchOutcome };

/** One dip: to be done, missed and undecided, or settled. */
function dipStep(
  plan: BenchPlan,
  events: readonly BenchEvent[],
  { phase, cup }: { phase: DipPhase; cup: Cup },
): BenchStep | { kind: 'settled'; within: boolean } {
  const { reading, tries, unseen } = dipReading(events, phase, cup.id);
  // A point that was taken unseen is judged by its confirming dip.
  if (unseen) return { kind: 'settled', within: true };
  if (!reading) return { kind: 'dip', phase, cup, attempt: tries + 1 };
  const { within } = judgeDip(plan, cup, phase, reading.shown);
  if (within || phase === 'asFound' || reading.accepted) return { kind: 'settled', within };
  return { kind: 'missed', phase, cup, attempt: reading.attempt };
}

/** The dips of each part of a sitting, in order. */
function dipsOf(
  plan: BenchPlan,
  part: 'found' | 'left',
  events: readonly BenchEvent[],
): { phase: DipPhase; cup: Cup }[] {
  if (part === 'found') return plan.cups.map((cup) => ({ phase: 'asFound', cup }));
  const left = plan.cups.map((cup) => ({ phase: 'asLeft' as const, cup }));
  const unseen = (cup: Cup) => dipReading(events, 'asLeft', cup.id).unseen === true;
  const confirmed = plan.cups.filter(
    (cup, at) => unseen(cup) || (at === 0 && plan.cups.length > 1),
  );
  return [...left, ...confirmed.map((cup) => ({ phase: 'confirm' as const, cup }))];
}

/**
 * The next step of a sitting, from its plan and everything that happened: as found in every cup;
 * both good: nothing to adjust; otherwise adjust each point in order, judge it as left, and confirm
 * in the first cup after the last. Pure: leaving and coming back gives the same step.
 */
export function nextBenchStep(plan: BenchPlan, events: readonly BenchEvent[]): BenchStep {
  let foundGood = true;
  for (const dip of dipsOf(plan, 'found', events)) {
    const step = dipStep(plan, events, dip);
    if (step.kind !== 'settled') return step;
    foundGood = foundGood && step.within;
  }
  const adjust = events.some((event) => event.type === 'adjust');
  const leave = events.some((event) => event.type === 'leave');
  if (leave) return { kind: 'finish', outcome: foundGood ? 'inTolerance' : 'leftOut' };
  if (!adjust) {
    if (foundGood) return { kind: 'asFoundGood' };
    return plan.adjustable ? { kind: 'asFoundOut' } : { kind: 'finish', outcome: 'leftOut' };
  }
  let leftGood = true;
  for (const dip of dipsOf(plan, 'left', events)) {
    const step = dipStep(plan, events, dip);
    if (step.kind !== 'settled') return step;
    leftGood = leftGood && step.within;
  }
  return { kind: 'finish', outcome: leftGood ? 'adjusted' : 'adjustedWithMiss' };
}

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
  if (unseen !== undefined) return { kind: 'settled', within: true };
  const stale = phase === 'confirm' && (reading?.place ?? 0) < lastSetPlace(plan, events);
  if (!reading || stale) return { kind: 'dip', phase, cup, attempt: tries + 1 };
  const { within } = judgeDip(plan, cup, phase, reading.shown);
  if (within || phase === 'asFound' || reading.accepted) return { kind: 'settled', within };
  return { kind: 'missed', phase, cup, attempt: reading.attempt };
}

/** When a cup's point was set last, as a place among all that happened; −1: not yet. */
function setPlace(events: readonly BenchEvent[], cup: Cup): number {
  const { reading, unseen } = dipReading(events, 'asLeft', cup.id);
  return reading?.place ?? unseen ?? -1;
}

const lastSetPlace = (plan: BenchPlan, events: readonly BenchEvent[]) =>
  Math.max(...plan.cups.map((cup) => setPlace(events, cup)));

/**
 * The cups dipped once more after the last point was set: the first of several, and any whose value
 * nobody saw. Where an earlier point was set anew after a miss all others are: until all hold.
 */
function confirmedCups(plan: BenchPlan, events: readonly BenchEvent[]): readonly Cup[] {
  const last = lastSetPlace(plan, events);
  const lastCup = plan.cups.findIndex((cup) => setPlace(events, cup) === last);
  const anew = last >= 0 && lastCup < plan.cups.length - 1;
  return plan.cups.filter((cup, at) => {
    if (dipReading(events, 'asLeft', cup.id).unseen !== undefined) return true;
    return anew ? at !== lastCup : at === 0 && plan.cups.length > 1;
  });
}

/** A dip of a sitting. */
export interface SittingDip {
  readonly phase: DipPhase;
  readonly cup: Cup;
}

/** The dips of a sitting so far and to come, in order: as found, and once it is adjusted as left. */
export function sittingDips(
  plan: BenchPlan,
  events: readonly BenchEvent[],
): { readonly found: readonly SittingDip[]; readonly left: readonly SittingDip[] } {
  const each = (phase: DipPhase, cups: readonly Cup[]) => cups.map((cup) => ({ phase, cup }));
  const set = plan.cups.every((cup) => setPlace(events, cup) >= 0);
  const first = plan.cups.length > 1 ? plan.cups.slice(0, 1) : [];
  return {
    found: each('asFound', plan.cups),
    left: [
      ...each('asLeft', plan.cups),
      ...each('confirm', set ? confirmedCups(plan, events) : first),
    ],
  };
}

/**
 * The next step of a sitting, from its plan and everything that happened: as found in every cup;
 * both good: nothing to adjust; otherwise adjust each point in order, judge it as left, and confirm
 * in the first cup after the last. A point that is set anew is followed by a dip in the others, until
 * all hold. Pure: leaving and coming back gives the same step.
 */
export function nextBenchStep(plan: BenchPlan, events: readonly BenchEvent[]): BenchStep {
  let foundGood = true;
  const { found, left } = sittingDips(plan, events);
  for (const dip of found) {
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
  for (const dip of left) {
    const step = dipStep(plan, events, dip);
    if (step.kind !== 'settled') return step;
    leftGood = leftGood && step.within;
  }
  return { kind: 'finish', outcome: leftGood ? 'adjusted' : 'adjustedWithMiss' };
}

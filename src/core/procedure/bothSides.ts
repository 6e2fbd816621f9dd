import type { BenchEvent } from './benchEvents';
import type { BenchPlan } from './benchPlan';
import { nextBenchStep, type BenchStep } from './nextBenchStep';

/** One side of a sitting: its plan and what happened. */
export interface SittingSide {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
}

/** The order in which two sides that go together are worked off: the one that is behind decides. */
const BEHIND: readonly BenchStep['kind'][] = [
  'dip',
  'missed',
  'asFoundOut',
  'asFoundGood',
  'finish',
];

/**
 * The next step of a sitting in which one cup serves both sides at the same press, and the side it is
 * about. A side that is behind decides: one that missed is tried again by both, one that is out is
 * adjusted by both.
 */
export function nextOfBoth(
  one: SittingSide,
  other: SittingSide | undefined,
): { readonly step: BenchStep; readonly side: SittingSide } {
  const step = nextBenchStep(one.plan, one.events);
  if (!other) return { step, side: one };
  const second = nextBenchStep(other.plan, other.events);
  const behind = BEHIND.indexOf(second.kind) < BEHIND.indexOf(step.kind);
  return behind ? { step: second, side: other } : { step, side: one };
}

/** What happened to one side as it happened to the other, in the other's cup; a reading is its own. */
export function mirrored(event: BenchEvent, { plan }: Pick<SittingSide, 'plan'>): BenchEvent[] {
  if (event.type === 'read') return [];
  return ['cupId' in event ? { ...event, cupId: plan.cups[0]!.id } : event];
}

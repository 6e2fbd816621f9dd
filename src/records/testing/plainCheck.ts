import { makePhPlan } from '@/core/procedure';
import type { BodyOf } from '@/records';
import { GENERIC_PROFILES } from '@/records/profiles';
import type { PenId } from '../ids';

/** The usual pH pen. */
export const profile = GENERIC_PROFILES.find(({ id }) => id === 'ph-auto-two-point')!;

interface Shown {
  readonly in7: number;
  readonly in4: number;
  readonly adjusted: boolean;
}

/** A check of a two-point pH pen in 7 and 4.01 at 25 °C, as the records write it. */
export function checkBody(penId: PenId, atMs: number, shown: Shown): BodyOf<'session'> {
  const plan = JSON.parse(
    JSON.stringify(
      makePhPlan(profile.ph!, { tempC: 25, policy: 'normal', lotFor: () => undefined }),
    ),
  );
  const read = (phase: 'asFound' | 'asLeft', cupId: string, value: number) => ({
    type: 'read' as const,
    phase,
    cupId,
    shown: value,
    atMs,
  });
  const found = [read('asFound', '7', shown.in7), read('asFound', '4.01', shown.in4)];
  const left = shown.adjusted
    ? [{ type: 'adjust' as const }, read('asLeft', '7', 7), read('asLeft', '4.01', 4.01)]
    : [{ type: 'leave' as const }];
  const at = new Date(atMs).toISOString();
  return {
    penId,
    plan,
    events: [...found, ...left],
    startedAt: at,
    finishedAt: at,
    afterCleaning: false,
    outcome: shown.adjusted ? 'adjusted' : 'inTolerance',
    pastDateLots: [],
    note: '',
  };
}

import { makeEcPlan, makePhPlan, type BenchEvent } from '@/core/procedure';
import { GENERIC_PROFILES } from '@/records/profiles';
import { leftOutAdvice, missHelp } from './missWords';

const sitting = { tempC: 25, policy: 'normal' as const, lotFor: () => undefined };
const verifyOnly = GENERIC_PROFILES.find(({ ec }) => ec && !ec.adjustable)!;
const plan = makeEcPlan(verifyOnly.ec!, sitting);
const found = (shown: number): BenchEvent[] => [
  { type: 'read', phase: 'asFound', cupId: plan.cups[0]!.id, shown, atMs: 0 },
];

test('a low EC value points at the face, a high one at the standard, never at storage solution', () => {
  expect(leftOutAdvice(plan, found(2.4))).toMatch(/dirty face or an air bubble/);
  expect(leftOutAdvice(plan, found(3.1))).toMatch(/dried out/);
  expect(leftOutAdvice(plan, found(2.4))).not.toContain('storage solution');
});

test('a pH probe rests in storage solution', () => {
  const ph = makePhPlan(GENERIC_PROFILES.find((profile) => profile.ph)!.ph!, sitting);
  expect(leftOutAdvice(ph, [])).toContain('storage solution');
  expect(missHelp('ph', 2)).toContain('storage solution');
  expect(missHelp('ec', 2)).toContain('face');
});

test('the help climbs the ladder and stays on its last rung', () => {
  const rungs = [1, 2, 3, 4].map((attempt) => missHelp('ec', attempt));
  expect(new Set(rungs).size).toBe(4);
  expect(missHelp('ec', 9)).toBe(rungs[3]);
});

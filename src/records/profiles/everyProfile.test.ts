import fc from 'fast-check';
import {
  cupTarget,
  makeEcPlan,
  makePhPlan,
  nextBenchStep,
  type BenchEvent,
  type BenchPlan,
  type Cup,
} from '@/core/procedure';
import { penSchema } from '../kinds';
import { GENERIC_PROFILES, penFromProfile } from './index';

/** A pen with a hidden line, which its adjustments bend as a real one's do. */
function hiddenPen(plan: BenchPlan, { offset, gain }: { offset: number; gain: number }) {
  const taken: { truth: number; target: number }[] = [];
  const shownAt = (truth: number): number => {
    const [a, b] = taken;
    if (!a) return offset + gain * truth;
    if (!b) return a.target + gain * (truth - a.truth);
    const slope = (b.target - a.target) / (b.truth - a.truth);
    return a.target + slope * (truth - a.truth);
  };
  const valuesOf = (cup: Cup) => {
    const aim = cupTarget(plan, cup);
    if (!aim.ok) throw new RangeError(`no target in ${cup.id}`);
    return aim.value;
  };
  const digit = (value: number) => Math.round(value / plan.resolution) * plan.resolution;
  return {
    take: (cup: Cup) => taken.push(valuesOf(cup)),
    shows: (cup: Cup) => digit(shownAt(valuesOf(cup).truth)),
  };
}

/** Does as the Bench says until it ends; adjusts where that is offered. */
function walk(plan: BenchPlan, hidden: { offset: number; gain: number }) {
  const pen = hiddenPen(plan, hidden);
  const events: BenchEvent[] = [];
  for (let steps = 0; steps < 40; steps += 1) {
    const step = nextBenchStep(plan, events);
    if (step.kind === 'finish') return { outcome: step.outcome, events };
    if (step.kind === 'asFoundGood') events.push({ type: 'leave' });
    else if (step.kind === 'asFoundOut') events.push({ type: 'adjust' });
    else if (step.kind === 'missed')
      events.push({ type: 'accept', phase: step.phase, cupId: step.cup.id });
    else {
      if (step.phase === 'asLeft') pen.take(step.cup);
      const { phase, cup } = step;
      events.push({ type: 'read', phase, cupId: cup.id, shown: pen.shows(cup), atMs: steps });
    }
  }
  throw new Error('the sitting never ends');
}

const SIDES = GENERIC_PROFILES.flatMap((profile) => [
  ...(profile.ph ? [{ name: `${profile.id}, pH`, ph: profile.ph }] : []),
  ...(profile.ec ? [{ name: `${profile.id}, EC`, ec: profile.ec }] : []),
]);

const planOf = (side: (typeof SIDES)[number], tempC: number): BenchPlan => {
  const sitting = { tempC, policy: 'normal' as const, lotFor: () => undefined };
  return 'ph' in side ? makePhPlan(side.ph!, sitting) : makeEcPlan(side.ec!, sitting);
};
const temperature = fc.double({ min: 12, max: 30, noNaN: true });

test.each(GENERIC_PROFILES)('$id makes a pen the book takes', (profile) => {
  const pen = penFromProfile(profile, { code: 'P1', name: profile.title });
  expect(penSchema.safeParse(pen).success).toBe(true);
});

test.each(SIDES)('$name: a pen on target is left alone after its as found', (side) => {
  fc.assert(
    fc.property(temperature, (tempC) => {
      const plan = planOf(side, tempC);
      const { outcome, events } = walk(plan, { offset: 0, gain: 1 });
      expect(outcome).toBe('inTolerance');
      expect(events.filter(({ type }) => type === 'read')).toHaveLength(plan.cups.length);
    }),
    { numRuns: 40 },
  );
});

test.each(SIDES)('$name: a pen far off is adjusted where it can be, never in circles', (side) => {
  const off = fc.record({
    offset: fc.double({ min: 0.25, max: 0.5, noNaN: true }),
    gain: fc.double({ min: 0.93, max: 1.02, noNaN: true }),
  });
  fc.assert(
    fc.property(temperature, off, (tempC, { offset, gain }) => {
      const plan = planOf(side, tempC);
      // In EC the offset is a share: a greasy or worn face reads low or high in proportion.
      const hidden =
        plan.quantity === 'ph'
          ? { offset: offset + 7 * (1 - gain), gain }
          : { offset: 0, gain: 1 + offset };
      const { outcome, events } = walk(plan, hidden);
      expect(outcome).toBe(plan.adjustable ? 'adjusted' : 'leftOut');
      const first = events.findIndex((event) => event.type === 'adjust');
      const before = events.slice(0, first < 0 ? undefined : first);
      // As found comes first in every cup: nothing is touched before it is known.
      expect(before.map((event) => 'phase' in event && event.phase)).toEqual(
        plan.cups.map(() => 'asFound'),
      );
    }),
    { numRuns: 40 },
  );
});

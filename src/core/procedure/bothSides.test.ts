import type { BenchPlan, Cup } from './benchPlan';
import { mirrored, nextOfBoth, type SittingSide } from './bothSides';
import type { BenchEvent } from './benchEvents';
import { plan as phPlan, read, seven } from './testing/sittings';

const standard: Cup = {
  id: '4.11',
  quantity: 'ec',
  standard: { nominalMsPerCm: 4.11 },
  toleranceRel: 0.01,
};
const ph: BenchPlan = { ...phPlan, cups: [seven], tempC: 25 };
const ec: BenchPlan = {
  ...phPlan,
  quantity: 'ec',
  cups: [standard],
  tempC: 25,
  asFoundTolerance: 0.03,
  asLeftTolerance: 0.02,
  scale: 'mS/cm',
  compensation: { alphaPerC: 0.02, referenceC: 25 },
};

/** One cup for both: what was pressed, and each dip as a pair of what was shown. */
function sitting() {
  const sides = { ph: [] as BenchEvent[], ec: [] as BenchEvent[] };
  const both = (): [SittingSide, SittingSide] => [
    { plan: ph, events: sides.ph },
    { plan: ec, events: sides.ec },
  ];
  return {
    dip(phase: 'asFound' | 'asLeft', shown: readonly [number, number]) {
      sides.ph.push(read(phase, '7', shown[0]));
      sides.ec.push(read(phase, '4.11', shown[1]));
    },
    happens(event: BenchEvent) {
      sides.ph.push(...mirrored(event, { plan: ph }));
      sides.ec.push(...mirrored(event, { plan: ec }));
    },
    next: () => nextOfBoth(...both()),
  };
}

test('both good: nothing to adjust', () => {
  const one = sitting();
  expect(one.next().step).toMatchObject({ kind: 'dip', phase: 'asFound', cup: { id: '7' } });
  one.dip('asFound', [7.02, 4.12]);
  expect(one.next().step.kind).toBe('asFoundGood');
  one.happens({ type: 'leave' });
  expect(one.next().step).toMatchObject({ kind: 'finish', outcome: 'inTolerance' });
});

test('the EC side alone is out: both are adjusted at the one press, and each has its own outcome', () => {
  const one = sitting();
  one.dip('asFound', [7.01, 4.5]);
  expect(one.next()).toMatchObject({ step: { kind: 'asFoundOut' }, side: { plan: ec } });
  one.happens({ type: 'adjust' });
  expect(one.next().step).toMatchObject({ kind: 'dip', phase: 'asLeft' });
  one.dip('asLeft', [7, 4.3]);
  // 4.30 is 4.6 % off, more than the 2 % of an adjusted point.
  expect(one.next()).toMatchObject({ step: { kind: 'missed' }, side: { plan: ec } });
  one.happens({ type: 'repeat', phase: 'asLeft', cupId: '4.11' });
  expect(one.next().step).toMatchObject({ kind: 'dip', phase: 'asLeft', attempt: 2 });
  one.dip('asLeft', [7, 4.12]);
  expect(one.next().step).toMatchObject({ kind: 'finish', outcome: 'adjusted' });
});

test('left as it is: the good side is in tolerance, the other left out', () => {
  const one = sitting();
  one.dip('asFound', [7.01, 4.5]);
  one.happens({ type: 'leave' });
  const [first, second] = [one.next(), nextOfBoth({ plan: ec, events: [] }, undefined)];
  expect(first.step).toMatchObject({ kind: 'finish', outcome: 'inTolerance' });
  expect(second.step.kind).toBe('dip');
});

test('a reading is never mirrored: each side has its own number', () => {
  expect(mirrored(read('asFound', '7', 7), { plan: ec })).toEqual([]);
});

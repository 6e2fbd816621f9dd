import { doubtDip, type BenchPlan, type Cup } from './index';

const seven: Cup = {
  id: '7',
  quantity: 'ph',
  buffer: { kind: 'technical-7.00', nominalPh: 7 },
  tolerancePh: 0.02,
};
const four: Cup = {
  id: '4',
  quantity: 'ph',
  buffer: { kind: 'phthalate-4.01', nominalPh: 4.01 },
  tolerancePh: 0.02,
};
const plan: BenchPlan = {
  quantity: 'ph',
  cups: [seven, four],
  tempC: 20,
  resolution: 0.01,
  asFoundTolerance: 0.05,
  asLeftTolerance: 0.03,
  adjustable: true,
  storesNominal: false,
};

test('4.1 in the 7 is asked to be the 4; 5.5 is a pen far off; 6.6 is believed', () => {
  expect(doubtDip(plan, seven, 4.1)).toMatchObject({ reason: 'otherCup', cup: { id: '4' } });
  expect(doubtDip(plan, seven, 5.5)).toMatchObject({
    reason: 'farOff',
    error: expect.closeTo(-1.52, 9),
  });
  expect(doubtDip(plan, seven, 6.6)).toBeUndefined();
});

test('1413 typed on a mS/cm pen is offered as 1.413', () => {
  const cup: Cup = {
    id: 'e',
    quantity: 'ec',
    standard: { nominalMsPerCm: 1.413 },
    toleranceRel: 0.01,
  };
  const ec: BenchPlan = {
    ...plan,
    quantity: 'ec',
    cups: [cup],
    tempC: 25,
    scale: 'mS/cm',
    compensation: null,
  };
  expect(doubtDip(ec, cup, 1413)).toEqual({ reason: 'otherScale', scale: 'µS/cm', shown: 1.413 });
  expect(doubtDip(ec, cup, 1.3)).toBeUndefined();
  expect(doubtDip(ec, cup, 0.2)).toMatchObject({ reason: 'farOff' });
});

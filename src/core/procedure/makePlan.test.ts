import type { EcTraits, PhTraits } from '../calibration';
import { makeEcPlan, makePhPlan } from './index';

const traits: PhTraits = {
  resolutionPh: 0.01,
  accuracyPh: 0.1,
  hasAtc: true,
  family: 'sachet',
  cupsPh: [6.86, 4],
  adjustable: true,
  storesNominal: false,
};
const sitting = { tempC: 18, policy: 'normal' as const, lotFor: () => undefined };

test('cups in the order of the pen, with the trade’s tolerance where no lot says otherwise', () => {
  const plan = makePhPlan(traits, sitting);
  expect(plan.cups.map((cup) => cup.id)).toEqual(['6.86', '4']);
  expect(plan.cups[0]).toMatchObject({ tolerancePh: 0.02, buffer: { kind: 'phosphate-6.86' } });
  expect(plan).toMatchObject({ asFoundTolerance: 0.05, asLeftTolerance: 0.03 });
});

test('a lot brings its label; one dissolved by hand is 0.01 less sure', () => {
  const lotFor = () => ({ lotId: 'lot', tolerance: 0.01, handMade: true });
  const plan = makePhPlan(traits, { ...sitting, lotFor });
  expect(plan.cups[1]).toMatchObject({ lotId: 'lot', tolerancePh: expect.closeTo(0.02, 9) });
});

test('the laboratory policy never leaves a point further out than it was found', () => {
  expect(makePhPlan(traits, { ...sitting, policy: 'laboratory' }).asLeftTolerance).toBe(0.02);
});

test('a nominal value without a recipe is refused unless its label has a table', () => {
  const odd = { ...traits, cupsPh: [5.5] };
  expect(() => makePhPlan(odd, sitting)).toThrow(RangeError);
  const labelTable = [{ tempC: 20, value: 5.5 }];
  const plan = makePhPlan(odd, { ...sitting, lotFor: () => ({ lotId: 'l', labelTable }) });
  expect(plan.cups).toHaveLength(1);
});

test('an EC plan has one cup in the pen’s scale', () => {
  const ec: EcTraits = {
    scale: 'µS/cm',
    resolution: 1,
    accuracyMsPerCm: 0.08,
    compensation: null,
    standardMsPerCm: 1.413,
    adjustable: false,
  };
  expect(makeEcPlan(ec, sitting)).toMatchObject({
    scale: 'µS/cm',
    adjustable: false,
    asFoundTolerance: 0.03,
    asLeftTolerance: 0.02,
  });
  const lotFor = () => ({ lotId: 'l', labelAlphaPerC: 0.02 });
  expect(makeEcPlan(ec, { ...sitting, lotFor }).cups[0]).toMatchObject({
    standard: { nominalMsPerCm: 1.413, labelAlphaPerC: 0.02 },
  });
});

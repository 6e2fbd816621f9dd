import fc from 'fast-check';
import {
  addReagent,
  airedOut,
  conditionsAt,
  freeMetals,
  molPerLToReach,
  netCharge,
  solutionFrom,
  solvePh,
  standingOf,
  type CarbonateKnown,
  type Reagent,
  type Totals,
} from './index';

/*
 * Literals come from another program in another language: every form's concentration from
 * thermodynamic constants, free calcium and magnesium by bisections in turn, doses by bisection.
 */
const conditions = (tempC: number, ecMsPerCm: number) => {
  const at = conditionsAt({ tempC, ecMsPerCm });
  if (!at.ok) throw new Error('conditions');
  return at.value;
};

interface Case {
  readonly tempC: number;
  readonly ecMsPerCm: number;
  readonly ph: number;
  readonly totals: Totals;
  readonly known: CarbonateKnown;
  readonly calcium: number;
  readonly magnesium: number;
}

function made({ tempC, ecMsPerCm, ph, totals, known, calcium, magnesium }: Case) {
  const metals = { calciumMolPerL: calcium / 1000, magnesiumMolPerL: magnesium / 1000 };
  const result = solutionFrom(conditions(tempC, ecMsPerCm), { ph, totals, known, metals });
  if (!result.ok) throw new Error(result.refusal.reason);
  return result.value;
}

const report = (meqPerL: number): CarbonateKnown => ({
  kind: 'report',
  alkalinityMolPerL: meqPerL / 1000,
});
const soft = (): Case => ({
  tempC: 18,
  ecMsPerCm: 0.15,
  ph: 7.2,
  totals: {},
  known: report(0.8),
  calcium: 0.25,
  magnesium: 0.1,
});
const hard = (): Case => ({
  tempC: 15,
  ecMsPerCm: 0.6,
  ph: 7.6,
  totals: {},
  known: report(4.3),
  calcium: 1.5,
  magnesium: 0.5,
});
const used = (ph: number): Case => ({
  tempC: 20,
  ecMsPerCm: 2,
  ph,
  totals: { phosphate: 1e-3, ammonium: 0.6e-3 },
  known: { kind: 'aired' },
  calcium: 3,
  magnesium: 1.5,
});

test.each<[string, Case, Reagent, number, number, number]>([
  ['soft water', soft(), 'nitric', 5.8, 0.608039, 7.4125],
  ['soft water', soft(), 'phosphoric', 5.8, 0.580444, 6.7486],
  ['soft water', soft(), 'sulfuric', 5.8, 0.304045, 7.4125],
  ['soft water', soft(), 'citric', 5.8, 0.225572, 7.2345],
  ['hard water', hard(), 'nitric', 5.8, 3.343343, 8.0584],
  ['hard water', hard(), 'phosphoric', 5.8, 3.13328, 6.7062],
  ['hard water', hard(), 'sulfuric', 5.8, 1.672512, 8.0593],
  ['hard water', hard(), 'citric', 5.8, 1.167366, 7.989],
  ['hard water', hard(), 'citricMonohydrate', 5.8, 1.167366, 7.989],
  ['a used feed', used(6.7), 'nitric', 6, 0.331508, 6.0354],
  ['a used feed', used(6.7), 'phosphoric', 6, 0.291009, 6.0282],
  ['a used feed', used(6.7), 'sulfuric', 6, 0.165932, 6.0355],
  ['a used feed', used(6.7), 'citric', 6, 0.112514, 6.0345],
  ['a used feed that is low', used(5.2), 'koh', 5.8, 0.077502, 5.7956],
  ['a used feed that is low', used(5.2), 'k2co3', 5.8, 0.044014, 5.8435],
  ['a used feed that is low', used(5.2), 'khco3', 5.8, 0.101861, 5.9009],
])('%s, %#: %s', (_name, tank, reagent, aimPh, mmolPerL, airsTo) => {
  const solution = made(tank);
  const dose = molPerLToReach(solution, reagent, aimPh);
  expect(Math.abs((1000 * dose) / mmolPerL - 1)).toBeLessThan(1e-4);
  const after = addReagent(solution, reagent, dose);
  expect(solvePh(after).ph).toBeCloseTo(aimPh, 6);
  expect(solvePh(airedOut(after)).ph).toBeCloseTo(airsTo, 3);
});

test('calcium holds citrate: hard water takes a quarter less of it than without', () => {
  const bare = made({ ...hard(), calcium: 0, magnesium: 0 });
  const ratio = molPerLToReach(bare, 'citric', 5.8) / molPerLToReach(made(hard()), 'citric', 5.8);
  expect(ratio).toBeGreaterThan(1.2);
  expect(ratio).toBeLessThan(1.35);
});

test('metals close their balance: free and held are what is there', () => {
  const amount = fc.double({ min: 1e-5, max: 4e-3, noNaN: true });
  const anyPh = fc.double({ min: 3.5, max: 9.5, noNaN: true });
  fc.assert(
    fc.property(
      amount,
      amount,
      amount,
      amount,
      anyPh,
      (calcium, magnesium, phosphate, citrate, ph) => {
        const at = conditions(20, 1.5);
        const metals = { calciumMolPerL: calcium, magnesiumMolPerL: magnesium };
        const ligands = { phosphate, citrate };
        const aH = 10 ** -ph;
        const free = freeMetals(metals, aH, { at, ligands });
        const held = (metal: 'calcium' | 'magnesium') =>
          phosphate * standingOf('phosphate', aH, { at, free })[metal] +
          citrate * standingOf('citrate', aH, { at, free })[metal];
        expect(Math.abs(free.calcium + held('calcium') - calcium)).toBeLessThan(1e-4 * calcium);
        expect(Math.abs(free.magnesium + held('magnesium') - magnesium)).toBeLessThan(
          1e-4 * magnesium,
        );
      },
    ),
  );
});

test('charge rises with pH beside metals too', () => {
  const solution = made(used(6.5));
  for (let ph = 3; ph < 10; ph += 0.1)
    expect(netCharge(ph + 0.1, solution)).toBeGreaterThan(netCharge(ph, solution));
});

test('the second constant of phosphate at 5 and 35 °C, within 0.01 of Bates and Acree 1943', () => {
  const pK = (tempC: number) => -Math.log10(conditions(tempC, 0).acids.phosphate[1]!);
  expect(Math.abs(pK(5) - 7.281)).toBeLessThan(0.01);
  expect(Math.abs(pK(35) - 7.183)).toBeLessThan(0.01);
});

import fc from 'fast-check';
import {
  addReagent,
  airedOut,
  alkalinityMmolPerL,
  bufferCapacity,
  closedNow,
  conditionsAt,
  equivalentsAt,
  isAlkalinityOfWater,
  molPerLToReach,
  molPerUnit,
  netCharge,
  nutrientsAdded,
  solutionFrom,
  solvePh,
  titrationCurve,
  type CarbonateKnown,
  type Reagent,
  type Strength,
  type Solution,
  type Totals,
} from './index';

/*
 * Numbers marked "independent" come from another program in another language: charges summed from
 * concentrations with thermodynamic constants, solved by two hundred bisections.
 */
const conditions = (tempC = 25, ecMsPerCm = 0, activities = true) => {
  const at = conditionsAt({ tempC, ecMsPerCm, activities });
  if (!at.ok) throw new Error('conditions');
  return at.value;
};
const pure = (totals: Totals = {}): Solution => ({
  at: conditions(),
  totals,
  carbonate: { kind: 'closed', carbonMolPerL: 0 },
  strongIonDifferenceMolPerL: 0,
});
const made = (
  at: ReturnType<typeof conditions>,
  ph: number,
  totals: Totals,
  known: CarbonateKnown,
) => {
  const result = solutionFrom(at, { ph, totals, known });
  if (!result.ok) throw new Error(result.refusal.reason);
  return result.value;
};
const hardWater = () =>
  made(conditions(15, 0.52), 7.6, {}, { kind: 'report', alkalinityMolPerL: 3.3e-3 });
const feed = (activities = true, ph = 6.7) =>
  made(
    conditions(20, 2, activities),
    ph,
    { phosphate: 1.0e-3, ammonium: 0.6e-3 },
    { kind: 'aired' },
  );

describe('constants', () => {
  test.each([
    // Plummer and Busenberg 1982, table: 25 °C.
    ['carbonic, first', -Math.log10(conditions().carbonic[0]), 6.352],
    ['carbonic, second', -Math.log10(conditions().carbonic[1]), 10.329],
    ['Henry, CO2', Math.log10(conditions().henryCo2), -1.468],
    ['water', -Math.log10(conditions().kw), 14.0],
  ])('%s at 25 °C', (_name, value, expected) => {
    expect(Math.abs(value - expected)).toBeLessThan(0.002);
  });

  /* Davies at I 0.026: √I 0.16125; −0.509·(0.13886 − 0.0078) = −0.06671, γ 0.8576. For z = 2: γ⁴. */
  test('activity moves the second step of phosphate by 0.2 in a feed of 2 mS/cm', () => {
    const at = conditions(25, 2);
    expect(Math.abs(at.gamma1 - 0.8576)).toBeLessThan(0.001);
    const shift = Math.log10(at.acids.phosphate[1]! / conditions().acids.phosphate[1]!);
    expect(shift).toBeCloseTo(3 * 0.0667, 2);
  });

  test('conductivity from nothing to 20 mS/cm, nothing beyond', () => {
    const ok = (ecMsPerCm: number) => conditionsAt({ tempC: 20, ecMsPerCm }).ok;
    expect([0, 0.5, 20, 20.1, -0.1].map(ok)).toEqual([true, true, true, false, false]);
    const bare = conditionsAt({ tempC: 20, ecMsPerCm: 2, activities: false });
    expect(bare.ok && bare.value.ionicStrength).toBe(0);
    expect(bare.ok && bare.value.gamma1).toBe(1);
  });

  test('outside 5 to 35 °C it refuses', () => {
    expect(conditionsAt({ tempC: 40, ecMsPerCm: 1 })).toMatchObject({
      refusal: { reason: 'outOfRange', quantity: 'tempC', max: 35 },
    });
  });
});

describe('acid into pure water', () => {
  test.each([
    // A strong acid of 1 mmol/L is pH 3; the weak ones independent.
    ['nitric, 1 mmol/L', addReagent(pure(), 'nitric', 1e-3), 3.0],
    ['citric, 10 mmol/L', addReagent(pure(), 'citric', 1e-2), 2.61996],
    ['phosphoric, 10 mmol/L', addReagent(pure(), 'phosphoric', 1e-2), 2.25209],
    ['sulfuric, 1 mmol/L', addReagent(pure(), 'sulfuric', 1e-3), 2.73331],
    ['air alone: rain', airedOut(pure()), 5.59793],
  ])('%s', (_name, solution, ph) => {
    expect(solvePh(solution).ph).toBeCloseTo(ph, 4);
  });
});

describe('hard water, 3.3 meq/L at pH 7.6 and 15 °C, to 5.8', () => {
  /*
   * By hand: at 5.8 a share 10^(5.8 − 6.43) = 0.23 of the carbonate is still bicarbonate against
   * 0.94 at 7.6: 3.3·(1 − 0.23·…) leaves about 2.6 mmol/L to be taken by a strong acid.
   * Phosphoric gives one proton and a twentieth of the second: a little less in moles.
   * Sulfuric gives two: half. Citric gives two and a fifth there: 1.16.
   */
  test.each<[Reagent, number, number]>([
    ['nitric', 2.576535, 7.95459],
    ['phosphoric', 2.463327, 6.78784],
    ['sulfuric', 1.288324, 7.95452],
    ['citric', 1.157513, 6.81516],
  ])('%s: %p mmol/L closed, airs to %p', (reagent, mmolPerL, airsTo) => {
    const water = hardWater();
    const dose = molPerLToReach(water, reagent, 5.8);
    expect(1000 * dose).toBeCloseTo(mmolPerL, 4);
    const after = addReagent(water, reagent, dose);
    expect(solvePh(after).ph).toBeCloseTo(5.8, 9);
    expect(solvePh(airedOut(after)).ph).toBeCloseTo(airsTo, 4);
  });

  test('leaving 0.5 meq/L: 5.61 right after mixing, 7.80 once aired (independent)', () => {
    const after = addReagent(hardWater(), 'nitric', 2.8e-3);
    expect(solvePh(after).ph).toBeCloseTo(5.60727, 4);
    expect(solvePh(airedOut(after)).ph).toBeCloseTo(7.7953, 4);
  });
});

describe('an aired feed with phosphate and ammonium, pH 6.7, 2 mS/cm, 20 °C', () => {
  test('0.263 mmol/L of nitric acid bring it to 6.0; aired 6.05 (independent)', () => {
    const dose = molPerLToReach(feed(), 'nitric', 6);
    expect(1000 * dose).toBeCloseTo(0.2628, 5);
    expect(solvePh(airedOut(addReagent(feed(), 'nitric', dose))).ph).toBeCloseTo(6.04786, 4);
  });

  test('the trap: taken for its source water, 2.02 mmol/L would end at pH 2.88 (independent)', () => {
    const asSource = made(
      conditions(20, 2),
      6.7,
      { phosphate: 1.0e-3, ammonium: 0.6e-3 },
      { kind: 'report', alkalinityMolPerL: 3.3e-3 },
    );
    const trap = molPerLToReach(asSource, 'nitric', 6);
    expect(1000 * trap).toBeCloseTo(2.022225, 5);
    expect(solvePh(addReagent(feed(), 'nitric', trap)).ph).toBeCloseTo(2.88361, 4);
  });

  test('base upward: without activities the dose would be a third less (independent)', () => {
    const up = (activities: boolean) => 1000 * molPerLToReach(feed(activities, 5.2), 'koh', 5.8);
    expect(up(true)).toBeCloseTo(0.0517516, 6);
  });

  test('a titration counts the phosphate, a report does not: the carbonate differs by it', () => {
    const { at, totals } = feed();
    const byReport = made(at, 6.7, totals, { kind: 'report', alkalinityMolPerL: 1e-3 });
    const byTitration = made(at, 6.7, totals, { kind: 'titration', alkalinityMolPerL: 1e-3 });
    const carbon = (s: Solution) =>
      s.carbonate.kind === 'closed' ? 1000 * s.carbonate.carbonMolPerL : NaN;
    // Of 1 mmol/L phosphate about a third gives a proton up between 6.7 and 4.5.
    expect(carbon(byReport) - carbon(byTitration)).toBeGreaterThan(0.3);
    expect(
      solutionFrom(at, { ph: 6.7, totals, known: { kind: 'titration', alkalinityMolPerL: 1e-4 } }),
    ).toMatchObject({ refusal: { reason: 'alkalinityBelowWater' } });
  });
});

describe('laws', () => {
  const amount = fc.double({ min: 0, max: 5e-3, noNaN: true });
  const anyPh = fc.double({ min: 3.5, max: 10.5, noNaN: true });

  test('charge closes below 1e-9 mol/L and the search says it converged', () => {
    fc.assert(
      fc.property(amount, amount, amount, anyPh, (phosphate, ammonium, citrate, ph) => {
        const solution = made(
          conditions(18, 2),
          ph,
          { phosphate, ammonium, citrate },
          { kind: 'aired' },
        );
        const solved = solvePh(solution);
        expect(solved.converged).toBe(true);
        expect(solved.iterations).toBeLessThan(60);
        expect(Math.abs(solved.residual)).toBeLessThan(1e-9);
        expect(solved.ph).toBeCloseTo(ph, 8);
      }),
    );
  });

  test('more acid is never a higher pH, more base never a lower one', () => {
    const doses = Array.from({ length: 30 }, (_, at) => at * 1e-4);
    for (const reagent of ['nitric', 'phosphoric', 'sulfuric', 'citric'] as const) {
      const curve = titrationCurve(feed(), reagent, doses).map(({ ph }) => ph);
      curve.slice(1).forEach((ph, at) => expect(ph).toBeLessThan(curve[at]!));
    }
    for (const reagent of ['koh', 'k2co3', 'khco3'] as const) {
      const curve = titrationCurve(feed(true, 5), reagent, doses).map(({ ph }) => ph);
      curve.slice(1).forEach((ph, at) => expect(ph).toBeGreaterThan(curve[at]!));
    }
  });

  test('a closed copy of an open solution has the same pH; capacity is positive everywhere', () => {
    const open = airedOut(feed());
    expect(solvePh(closedNow(open)).ph).toBeCloseTo(solvePh(open).ph, 9);
    fc.assert(fc.property(anyPh, (ph) => expect(bufferCapacity(feed(), ph)).toBeGreaterThan(0)));
  });

  test('what a change of each input does, by sign', () => {
    const dose = (s: Solution) => molPerLToReach(s, 'nitric', 6);
    const withTotals = (totals: Totals, ph = 6.7) =>
      made(conditions(20, 2), ph, totals, { kind: 'aired' });
    // More phosphate resists more; a higher start needs more.
    expect(dose(withTotals({ phosphate: 2e-3 }))).toBeGreaterThan(
      dose(withTotals({ phosphate: 1e-3 })),
    );
    expect(dose(withTotals({ phosphate: 1e-3 }, 6.9))).toBeGreaterThan(
      dose(withTotals({ phosphate: 1e-3 })),
    );
    // Warmer: carbonic acid is stronger, more bicarbonate is left at the aim, less acid is needed.
    const hardAt = (tempC: number) =>
      made(conditions(tempC, 0.52), 7.6, {}, { kind: 'report', alkalinityMolPerL: 3.3e-3 });
    expect(molPerLToReach(hardAt(30), 'nitric', 5.8)).toBeLessThan(
      molPerLToReach(hardAt(10), 'nitric', 5.8),
    );
    const report = (alkalinityMolPerL: number) =>
      made(conditions(15, 0.5), 7.6, {}, { kind: 'report', alkalinityMolPerL });
    expect(dose(report(4e-3))).toBeGreaterThan(dose(report(3e-3)));
    // Air enriched with carbon dioxide keeps the pH lower.
    expect(solvePh(airedOut(hardWater(), 1000)).ph).toBeLessThan(solvePh(airedOut(hardWater())).ph);
  });
});

describe('products', () => {
  test.each([
    // 10·w%·ρ/M by hand, mol/L.
    ['nitric 60 %', 'nitric', { kind: 'percentByMass', percent: 60, densityGPerMl: 1.367 }, 13.017],
    [
      'phosphoric 75 %',
      'phosphoric',
      { kind: 'percentByMass', percent: 75, densityGPerMl: 1.579 },
      12.084,
    ],
    ['koh 45 %', 'koh', { kind: 'percentByMass', percent: 45, densityGPerMl: 1.45 }, 11.629],
    [
      'a tenth of it',
      'koh',
      {
        kind: 'diluted',
        parts: 10,
        of: { kind: 'percentByMass', percent: 45, densityGPerMl: 1.45 },
      },
      1.1629,
    ],
  ] as const)('%s', (_name, reagent, strength, molPerL) => {
    const perMl = molPerUnit({ reagent, strength });
    expect(perMl.ok && 1000 * perMl.value).toBeCloseTo(molPerL, 3);
  });

  test('a percentage of unknown kind is no strength, an impossible one is refused', () => {
    expect(molPerUnit({ reagent: 'strongAcid', strength: { kind: 'unknown' } })).toMatchObject({
      refusal: { reason: 'strengthUnknown' },
    });
    const strength = { kind: 'percentByMass', percent: 120, densityGPerMl: 1.3 } as const;
    expect(molPerUnit({ reagent: 'nitric', strength }).ok).toBe(false);
  });

  test.each<[string, Strength, number]>([
    // g in a unit over the molar mass of nitric acid, 63.01.
    ['100 g/L', { kind: 'weightByVolume', gPerL: 100 }, 1.58705e-3],
    ['3 mol/L', { kind: 'equivalents', molPerL: 3 }, 3e-3],
    ['a pure powder, in a gram', { kind: 'dry' }, 1.587e-2],
    ['one of 90 %', { kind: 'dry', purityPercent: 90 }, 1.4283e-2],
  ])('%s of nitric acid', (_name, strength, mol) => {
    const unit = molPerUnit({ reagent: 'nitric', strength });
    expect(unit.ok && unit.value / mol).toBeCloseTo(1, 3);
  });

  test('every strength has its range, its ends within', () => {
    const mass = (percent: number, densityGPerMl: number): Strength => ({
      kind: 'percentByMass',
      percent,
      densityGPerMl,
    });
    const diluted = (parts: number): Strength => ({ kind: 'diluted', parts, of: mass(60, 1.3) });
    const byVolume = (gPerL: number): Strength => ({ kind: 'weightByVolume', gPerL });
    const eq = (molPerL: number): Strength => ({ kind: 'equivalents', molPerL });
    const ok = (strength: Strength) => molPerUnit({ reagent: 'nitric', strength }).ok;
    const within = [mass(0.1, 0.9), mass(100, 2), diluted(1), diluted(10_000)];
    const more = [byVolume(0.1), byVolume(2000), eq(1e-4), eq(40)];
    expect([...within, ...more].map(ok)).toEqual(Array(8).fill(true));
    const beyond = [mass(0.09, 1), mass(50, 0.89), mass(50, 2.1), diluted(0.5), diluted(10_001)];
    const further = [byVolume(0.05), byVolume(2001), eq(5e-5), eq(41)];
    expect([...beyond, ...further].map(ok)).toEqual(Array(9).fill(false));
  });

  test('phosphoric acid gives one proton and a little at feed pH, never three', () => {
    const protons = -equivalentsAt('phosphoric', 6, feed());
    expect(protons).toBeGreaterThan(1);
    expect(protons).toBeLessThan(1.15);
    expect(-equivalentsAt('nitric', 6, feed())).toBe(1);
  });

  test('what a dose feeds: 0.5 mmol/L of phosphoric acid is 15.5 mg/L of phosphorus', () => {
    expect(nutrientsAdded('phosphoric', 5e-4).P).toBeCloseTo(15.487, 3);
    expect(nutrientsAdded('k2co3', 5e-4).K).toBeCloseTo(39.098, 3);
  });

  test('alkalinity from a report: 165 mg/L CaCO3 is 3.30 mmol/L, 10 °dH is 3.57', () => {
    expect(alkalinityMmolPerL(165, 'mg/L CaCO3')).toBeCloseTo(3.297, 3);
    expect(alkalinityMmolPerL(10, '°dH')).toBeCloseTo(3.571, 3);
  });

  test('mass balance: net charge falls by exactly what a strong acid takes', () => {
    const s = feed();
    const after = addReagent(s, 'nitric', 3e-4);
    const ph = solvePh(after).ph;
    const left = netCharge(ph, after);
    expect(s.strongIonDifferenceMolPerL - left).toBeCloseTo(3e-4, 12);
  });
});

test('a water holds up to 20 mmol/L: what is more was typed in another unit', () => {
  expect([0, 3.3, 20].map(isAlkalinityOfWater)).toEqual([true, true, true]);
  expect([-0.1, 20.1, 165, NaN].map(isAlkalinityOfWater)).toEqual([false, false, false, false]);
});

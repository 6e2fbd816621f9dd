import type { Product } from '../chemistry';
import { concentratedFacts, hardWaterFacts, mixtureOf, protonsOf, recipeFor } from './index';

const nitric38: Product = {
  reagent: 'nitric',
  strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
};

test('38 % nitric acid: 7.448 mmol in a mL; without its density 6.031', () => {
  const facts = concentratedFacts(nitric38);
  expect(facts?.mmolPerMl).toBeCloseTo(7.448, 3);
  expect(facts?.naiveMmolPerMl).toBeCloseTo(6.031, 3);
  expect(concentratedFacts({ reagent: 'citric', strength: { kind: 'dry' } })).toBeUndefined();
});

test('phosphoric acid gives one proton and a little, more the higher the pH', () => {
  const at = (ph: number) => protonsOf('phosphoric', ph, { tempC: 25, ecMsPerCm: 1.8 })!;
  // By hand with pK2 7.2 less about 0.2 for the salt: 1 + 10^(5.8 − 7.0) = 1.06.
  expect(at(5.8)).toBeCloseTo(1.06, 1);
  expect(at(6.8)).toBeGreaterThan(at(5.8));
});

test('hard water to 5.8 takes about four fifths of its alkalinity and airs above 7', () => {
  const facts = hardWaterFacts(
    { alkalinityMmolPerL: 3.3, ecMsPerCm: 0.52 },
    { aimPh: 5.8, tempC: 20 },
  )!;
  expect(facts.mixedPh).toBeCloseTo(5.8, 6);
  // Left as bicarbonate: 1/(1 + 10^(6.38 − 5.8)) ≈ a fifth.
  expect(facts.acidMmolPerL / 3.3).toBeCloseTo(0.8, 1);
  expect(facts.airedPh).toBeGreaterThan(7);
});

test('a mixture is known only when each of its waters is', () => {
  const water = (alkalinityMmolPerL?: number) => ({
    name: 'w',
    ecMsPerCm: 0.5,
    alkalinityMmolPerL,
  });
  const half = (alkalinity?: number) => ({ water: water(alkalinity), share: 0.5 });
  expect(mixtureOf([half(3), half(1)])).toMatchObject({ alkalinityMmolPerL: 2, ecMsPerCm: 0.5 });
  expect(mixtureOf([half(3), half()])).toBeUndefined();
  expect(mixtureOf([])).toBeUndefined();
});

const change = {
  volumeL: 200,
  ecBand: { low: 1.4, high: 2 },
  phBand: { low: 5.5, high: 6.1 },
  gainMsPerCm: 0.25,
  waters: [
    { water: { name: 'town', ecMsPerCm: 0.6, alkalinityMmolPerL: 3 }, share: 0.75 },
    { water: { name: 'rain', ecMsPerCm: 0, alkalinityMmolPerL: 0.2 }, share: 0.25 },
  ],
  product: nitric38,
};

test('a whole change: waters by share, stock by the gain, acid that leaves half a meq/L', () => {
  const recipe = recipeFor(change);
  expect(recipe.waters).toEqual([
    { name: 'town', litres: 150 },
    { name: 'rain', litres: 50 },
  ]);
  // EC of the mixture 0.45; 200·(1.7 − 0.45)/0.25 = 1000 mL.
  expect(recipe.stockMl).toBeCloseTo(1000, 6);
  // Alkalinity 2.3, about 0.78 of it to 5.8 is 1.79, less 0.5: 1.29 mmol/L · 200 L / 7.448.
  expect(Math.abs(recipe.acid!.amount - 34.7)).toBeLessThan(1.5);
  expect(recipe.acid!.airedPh).toBeGreaterThan(recipe.acid!.mixedPh);
});

test('of waters nobody knows neither stock nor acid is told', () => {
  const unknown = recipeFor({ ...change, waters: [] });
  expect(unknown).toMatchObject({ waters: [], stockMl: undefined, acid: undefined });
});

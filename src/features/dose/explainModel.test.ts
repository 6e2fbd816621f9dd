import { GENERIC_PRODUCTS } from '@/records/products';
import type { EcDoseAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { recipeFor } from './recipeModel';
import { recipeSteps } from './recipeWords';
import { concentratedFacts, hardWaterFacts, mixtureOf, protonsOf } from './explainModel';

const product = (id: string) => GENERIC_PRODUCTS.find((each) => each.id === id)!.product;

test('38 % nitric acid: 7.448 mmol in a mL; without its density 6.031', () => {
  const facts = concentratedFacts(product('nitric-38'));
  expect(facts?.mmolPerMl).toBeCloseTo(7.448, 3);
  expect(facts?.naiveMmolPerMl).toBeCloseTo(6.031, 3);
  expect(concentratedFacts(product('citric-dry'))).toBeUndefined();
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
    basis: 'report' as const,
    note: '',
    ecMsPerCm: 0.5,
    alkalinityMmolPerL,
  });
  const half = (alkalinity?: number) => ({ water: water(alkalinity), share: 0.5 });
  expect(mixtureOf([half(3), half(1)])).toMatchObject({ alkalinityMmolPerL: 2, ecMsPerCm: 0.5 });
  expect(mixtureOf([half(3), half()])).toBeUndefined();
  expect(mixtureOf([])).toBeUndefined();
});

test('a whole change: waters by share, stock by the gain, acid that leaves half a meq/L', () => {
  const answer = {
    tank: {
      body: {
        ecBand: { low: 1.4, high: 2 },
        phBand: { low: 5.5, high: 6.1 },
        stockGainMsPerCm: 0.25,
      },
    },
    waters: [
      {
        water: { name: 'town', basis: 'report', note: '', ecMsPerCm: 0.6, alkalinityMmolPerL: 3 },
        share: 0.75,
      },
      {
        water: { name: 'rain', basis: 'report', note: '', ecMsPerCm: 0, alkalinityMmolPerL: 0.2 },
        share: 0.25,
      },
    ],
  } as unknown as EcDoseAnswer;
  const recipe = recipeFor(answer, 200, product('nitric-38'));
  expect(recipe.waters.map(({ litres }) => litres)).toEqual([150, 50]);
  // EC of the mixture 0.45; 200·(1.7 − 0.45)/0.25 = 1000 mL.
  expect(recipe.stockMl).toBeCloseTo(1000, 6);
  // Alkalinity 2.3, about 0.78 of it to 5.8 is 1.79, less 0.5: 1.29 mmol/L · 200 L / 7.448.
  expect(Math.abs(recipe.acid!.amount - 34.7)).toBeLessThan(1.5);
  expect(recipe.acid!.airedPh).toBeGreaterThan(recipe.acid!.mixedPh);
  const written = {
    acidName: 'nitric 38 %',
    middle: '1.40 mS/cm',
    formats: makeFormats(DEFAULT_FORMATS),
  };
  expect(recipeSteps({ ...written, recipe, order: 'acidFirst' })).toEqual([
    expect.stringMatching(/^150 L of .* and 50 L of /),
    expect.stringMatching(/^About 3\d\.\d mL of nitric 38 % in all/),
    '1.00 L of stock A, then the same of B, to 1.40 mS/cm.',
  ]);
  const unknown = recipeFor({ ...answer, waters: [] }, 200, product('nitric-38'));
  expect(recipeSteps({ ...written, recipe: unknown, order: 'nutrientsFirst' })).toEqual([
    'Stock: give the tank its waters, and it is worked out here.',
    expect.stringContaining('Pump ten minutes'),
  ]);
  expect(unknown).toMatchObject({ waters: [], stockMl: undefined, acid: undefined });
});

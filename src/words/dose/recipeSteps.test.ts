import type { Recipe } from '@/core/dosing';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { recipeSteps } from './recipeSteps';

const written = {
  acidName: 'nitric 38 %',
  middle: '1.40 mS/cm',
  formats: makeFormats(DEFAULT_FORMATS),
};
const recipe: Recipe = {
  waters: [
    { name: 'town', litres: 150 },
    { name: 'rain', litres: 50 },
  ],
  stockMl: 1000,
  acid: { amount: 34.7, unit: 'mL', mixedPh: 5.8, airedPh: 6.9 },
};

test('acid first: the fill, the acid, the stock, each with its amount', () => {
  expect(recipeSteps({ ...written, recipe, order: 'acidFirst' })).toEqual([
    '150 L of town and 50 L of rain.',
    expect.stringMatching(/^About 34\.7 mL of nitric 38 % in all.*aired 6\.9/),
    '1.00 L of stock A, then the same of B, to 1.40 mS/cm.',
  ]);
});

test('what is missing is asked for where its step would stand', () => {
  const none: Recipe = { waters: [], stockMl: undefined, acid: undefined };
  expect(recipeSteps({ ...written, recipe: none, order: 'nutrientsFirst' })).toEqual([
    'Stock: give the tank its waters, and it is worked out here.',
    expect.stringContaining('Pump ten minutes'),
  ]);
  expect(recipeSteps({ ...written, recipe: none, order: 'acidFirst' })[0]).toContain(
    'alkalinity of this water is not known',
  );
});

import { molPerUnit, usualDensityGPerMl } from '@/core/chemistry';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { productDefaults, productFormSchema, productOf } from './productFields';
import { leftWords, strengthWords } from '@/words/products/productWords';
import { chemistryOf } from './useProducts';

const formats = makeFormats(DEFAULT_FORMATS);
const blank = productDefaults(undefined, undefined, formats);
const form = (more: Partial<typeof blank>) =>
  productFormSchema(formats).safeParse({ ...blank, name: 'Down', ...more });

test('a label in percent gives moles by mass and density: 38 % at 1.235 g/mL is 7.448 mol/L', () => {
  const parsed = form({ reagent: 'nitric', strength: 'percent', percent: '38', density: '1,235' });
  const product = productOf(parsed.data!, '2026-01-01T00:00:00.000Z');
  const strength = molPerUnit(chemistryOf(product));
  expect(strength).toMatchObject({ value: expect.closeTo(0.007448, 6) });
  expect(product.group).toBe('trained');
  // A tenth on site is a tenth in the jug.
  const tenth = molPerUnit(chemistryOf({ ...product, dilutedParts: 10 }));
  expect(tenth).toMatchObject({ value: expect.closeTo(0.0007448, 7) });
  expect(strengthWords({ ...product, dilutedParts: 10 }, formats)).toBe(
    'nitric acid · 38 % by mass, 1.24 g/mL · 1 part in 10 · for trained people',
  );
  expect(usualDensityGPerMl('nitric', 38)).toBe(1.235);
  expect(usualDensityGPerMl('nitric', 40)).toBeUndefined();
});

test('a percentage without density is no strength: the field says what is missing', () => {
  const paths = form({ strength: 'percent' }).error?.issues.map(({ path }) => path[0]);
  expect(paths).toEqual(['percent', 'density']);
  // Nor is a percentage of nobody knows what.
  const unnamed = form({ strength: 'percent', percent: '38', density: '1.2' });
  expect(unnamed.error?.issues[0]?.message).toContain('Percent of what');
  expect(form({ strength: 'unknown', left: '500' }).success).toBe(true);
});

test('what is left, in its unit', () => {
  const body = productOf(form({ strength: 'dry', reagent: 'citric', left: '250' }).data!, 'x');
  const names = { id: 'p', revId: 'r', body };
  expect(leftWords({ ...names, left: 240 }, formats)).toBe('240 g left');
  expect(leftWords(names, formats)).toContain('nobody said');
});

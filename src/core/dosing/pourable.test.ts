import fc from 'fast-check';
import { LEAST_DROPS, measureOf, pourOf, pourOfDilution, productMlOf } from './index';

test.each([
  // 10 L at 0.6 meq/L: 6 mmol of nitric 38 % (7.448 mol/L) are 0.81 mL, 40.3 mL of 1 in 50.
  [6 / 7.448, { kind: 'diluted', parts: 50, ml: 40.2 }],
  // One litre at 0.05: 0.0067 mL, 0.67 mL of 1 in 100, 13 drops.
  [0.05 / 7.448, { kind: 'diluted', parts: 100, ml: 0.65, drops: 13 }],
  [2, { kind: 'asIs' }],
  [1.99, { kind: 'diluted', parts: 50, ml: 99.5 }],
  [0.039, { kind: 'diluted', parts: 100, ml: 3.9 }],
  [0.0049, { kind: 'diluted', parts: 1000, ml: 4.9 }],
  [0.0011, { kind: 'diluted', parts: 1000, ml: 1.1, drops: 22 }],
  [0.0004, { kind: 'tooSmall' }],
])('%p mL', (ml, pour) => {
  const found = pourOf(ml);
  expect(found).toEqual(
    'ml' in pour ? { ...pour, ml: expect.closeTo(pour.ml, 6) as number } : pour,
  );
});

test('never more than was meant, never fewer than ten drops, and little is lost', () => {
  fc.assert(
    fc.property(fc.double({ min: 5e-4, max: 1.99, noNaN: true }), (ml) => {
      const pour = pourOf(ml);
      if (pour.kind !== 'diluted') throw new Error(pour.kind);
      const product = productMlOf(pour, ml);
      expect(product).toBeLessThanOrEqual(ml * (1 + 1e-9));
      expect(product).toBeGreaterThan(0.9 * ml);
      if (pour.drops !== undefined) expect(pour.drops).toBeGreaterThanOrEqual(LEAST_DROPS);
    }),
  );
  expect(productMlOf({ kind: 'asIs' }, 3)).toBe(3);
});

test.each([
  // 1 in 50 in hand, 20 drops to a mL.
  [2, { kind: 'asIs' }],
  [0.0407, { kind: 'diluted', parts: 50, ml: 2 }],
  [0.0399, { kind: 'diluted', parts: 50, ml: 1.95, drops: 39 }],
  [0.001, { kind: 'diluted', parts: 50, ml: 0.05, drops: 1 }],
  [0.00099, { kind: 'tooSmall' }],
])('%p mL of a dilution in hand', (ml, pour) => {
  expect(pourOfDilution(ml, { parts: 50, dropMl: 0.05 })).toEqual(
    'ml' in pour ? { ...pour, ml: expect.closeTo(pour.ml, 9) as number } : pour,
  );
});

test('a plan is told in what is poured: drops, mL of the dilution, mL or grams', () => {
  const drops = measureOf('mL', { kind: 'diluted', parts: 100, ml: 0.65, drops: 13 });
  expect(drops).toEqual({ unit: 'drops', parts: 100, perAmount: expect.closeTo(2000, 9) });
  expect(measureOf('mL', { kind: 'diluted', parts: 50, ml: 40.2 })).toEqual({
    unit: 'mL',
    parts: 50,
    perAmount: 50,
  });
  expect(measureOf('mL', { kind: 'asIs' })).toEqual({ unit: 'mL', perAmount: 1 });
  expect(measureOf('g', { kind: 'asIs' })).toEqual({ unit: 'g', perAmount: 1 });
});

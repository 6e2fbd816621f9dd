import fc from 'fast-check';
import { LEAST_DROPS, pourOf, productMlOf } from './index';

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

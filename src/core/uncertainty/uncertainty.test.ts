import fc from 'fast-check';
import { digitStdU, makeBudget, rectangularStdU, roundWithU, type BudgetSource } from './index';

test('a digit of 0.01 is 0.0029, a bound of ±0.1 is 0.0577', () => {
  // JCGM 100:2008, F.2.2.1 and 4.3.7: δx·0.29 and a/√3.
  expect(digitStdU(0.01)).toBeCloseTo(0.002887, 6);
  expect(rectangularStdU(0.1)).toBeCloseTo(0.057735, 6);
});

test('the combined uncertainty is never below its largest part, and parts come largest first', () => {
  const sources: BudgetSource[] = ['drift', 'standards', 'digit', 'repeat'];
  const parts = fc.array(
    fc.record({
      source: fc.constantFrom(...sources),
      stdU: fc.double({ min: 0, max: 1, noNaN: true }),
    }),
    { minLength: 1 },
  );
  fc.assert(
    fc.property(parts, (list) => {
      const budget = makeBudget(list);
      const largest = Math.max(...list.map((part) => part.stdU));
      expect(budget.stdU).toBeGreaterThanOrEqual(largest * (1 - 1e-12));
      expect(budget.expandedU).toBe(2 * budget.stdU);
      const shown = budget.parts.map((part) => part.stdU);
      expect(shown).toEqual([...shown].sort((a, b) => b - a));
    }),
  );
});

test.each([
  [6.1234, 0.0834, 6.12, 0.08, 2],
  [6.1234, 0.16, 6.12, 0.16, 2],
  [5.87, 0.42, 5.9, 0.4, 1],
  [5.87, 0.34, 5.9, 0.3, 1],
  [5.874, 0.29, 5.87, 0.29, 2],
  [1463, 38.2, 1463, 38, 0],
  [6.1234, 0.004, 6.12, 0, 2],
])('%p ± %p is shown as %p ± %p', (value, u, shown, shownU, decimals) => {
  expect(roundWithU(value, u)).toEqual({ value: shown, expandedU: shownU, decimals });
});

test('a ± of zero is refused: no reading is certain', () => {
  expect(() => roundWithU(6, 0)).toThrow(RangeError);
});

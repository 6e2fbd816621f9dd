import fc from 'fast-check';
import { choleskyOf, solveCholesky } from './index';

test('by hand: [[4, 2], [2, 3]] is L·Lᵀ with L = [[2, 0], [1, √2]]', () => {
  const factor = choleskyOf(Float64Array.from([4, 2, 2, 3]), 2);
  expect([...factor]).toEqual([2, 0, 1, expect.closeTo(Math.SQRT2, 12)]);
  const x = Float64Array.from([10, 9]);
  solveCholesky(factor, 2, x);
  expect([...x]).toEqual([expect.closeTo(1.5, 12), expect.closeTo(2, 12)]);
});

test('A·x = b holds for any positive A', () => {
  const number = fc.double({ min: -2, max: 2, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(number, { minLength: 9, maxLength: 9 }),
      fc.array(number, { minLength: 3, maxLength: 3 }),
      (m, b) => {
        const at = (row: number, column: number) =>
          [0, 1, 2].reduce((sum, k) => sum + m[3 * row + k]! * m[3 * column + k]!, 0) +
          (row === column ? 1 : 0);
        const a = Float64Array.from({ length: 9 }, (_, i) => at(Math.floor(i / 3), i % 3));
        const x = Float64Array.from(b);
        solveCholesky(choleskyOf(a, 3), 3, x);
        for (let row = 0; row < 3; row += 1)
          expect([0, 1, 2].reduce((sum, k) => sum + a[3 * row + k]! * x[k]!, 0)).toBeCloseTo(
            b[row]!,
            9,
          );
      },
    ),
  );
});

test('what is known exactly stays so: a row of nothing divides nothing', () => {
  const x = Float64Array.from([1, 0]);
  solveCholesky(choleskyOf(Float64Array.from([1, 0, 0, 0]), 2), 2, x);
  expect([...x]).toEqual([1, 0]);
});

import fc from 'fast-check';
import { thinPoints } from './thinPoints';

const pointsOf = (values: readonly number[]) => values.map((value, atMs) => ({ atMs, value }));

test('few points come back as they are', () => {
  const points = pointsOf([1, 2, 3]);
  expect(thinPoints(points, [0, 3], 10)).toBe(points);
});

test('each column keeps its first, lowest, highest and last: nothing that was seen is lost', () => {
  const values = fc.array(fc.double({ min: 0, max: 14, noNaN: true }), {
    minLength: 200,
    maxLength: 400,
  });
  fc.assert(
    fc.property(values, fc.integer({ min: 3, max: 20 }), (list, columns) => {
      const points = pointsOf(list);
      const thin = thinPoints(points, [0, list.length], columns);
      expect(thin.length).toBeLessThanOrEqual(4 * columns);
      const wide = list.length / columns;
      for (let column = 0; column < columns; column += 1) {
        const inside = (point: { atMs: number }) => Math.floor(point.atMs / wide) === column;
        const all = points.filter(inside).map(({ value }) => value);
        const kept = thin.filter(inside).map(({ value }) => value);
        expect([Math.min(...kept), Math.max(...kept)]).toEqual([
          Math.min(...all),
          Math.max(...all),
        ]);
        expect([kept[0], kept.at(-1)]).toEqual([all[0], all.at(-1)]);
      }
      expect(thin.every((point, at) => at === 0 || point.atMs > thin[at - 1]!.atMs)).toBe(true);
    }),
    { seed: 7, numRuns: 60 },
  );
});

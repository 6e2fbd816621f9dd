import { dipsShown, meanShown } from './repeats';

test('the mean of all dips, the raw values in their order', () => {
  const side = { shown: 5.9, repeats: [6.0, 6.1] };
  expect(meanShown(side)).toBeCloseTo(6.0, 12);
  expect(dipsShown(side)).toEqual([5.9, 6.0, 6.1]);
});

test('a single dip is its own mean', () => {
  expect(meanShown({ shown: 6 })).toBe(6);
  expect(meanShown({ shown: 6, repeats: [] })).toBe(6);
  expect(dipsShown({ shown: 6 })).toEqual([6]);
});

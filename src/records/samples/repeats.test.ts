import { meanShown, repeatStdU } from './repeats';

test('the mean of all dips, and its standard uncertainty s/√n by hand', () => {
  // 5.9, 6.0, 6.1: s = 0.1, over √3 dips 0.0577.
  const side = { shown: 5.9, repeats: [6.0, 6.1] };
  expect(meanShown(side)).toBeCloseTo(6.0, 12);
  expect(repeatStdU(side)).toBeCloseTo(0.1 / Math.sqrt(3), 9);
});

test('one or two dips tell no spread', () => {
  expect(repeatStdU({ shown: 6 })).toBeUndefined();
  expect(repeatStdU({ shown: 6, repeats: [6.4] })).toBeUndefined();
  expect(meanShown({ shown: 6 })).toBe(6);
});

import { DAY_MS } from '../units';
import { expectReading, isSurprising } from './expectReading';
import { sinceSurprise } from './sinceSurprise';

const daily = (values: readonly number[]) =>
  values.map((value, day) => ({ atMs: day * DAY_MS, value, stdU: 0.03 }));
const steady = Array.from({ length: 14 }, (_, day) => 5.8 + 0.01 * (day % 3));

/** Whether the value of the next morning would be asked about. */
function asks(values: readonly number[], next: number): boolean {
  const points = sinceSurprise(daily(values), 'ph');
  const expected = expectReading(points, 'ph', values.length * DAY_MS)!;
  return isSurprising({ value: next, stdU: 0.03 }, expected, 'ph');
}

test('without a surprise every reading counts', () => {
  expect(sinceSurprise(daily(steady), 'ph')).toHaveLength(14);
  expect(sinceSurprise([], 'ph')).toEqual([]);
});

test('a surprise that was kept is asked about once: not the next morning, nor on any later one', () => {
  expect(asks(steady, 6.6)).toBe(true);
  const after = [...steady];
  for (let morning = 0; morning < 20; morning += 1) {
    after.push(6.6 + 0.01 * (morning % 3));
    expect(asks(after, 6.6)).toBe(false);
  }
  // And the way back would be a surprise of its own.
  expect(asks(after, 5.8)).toBe(true);
});

test('a slow way is no surprise: nothing of it is thrown away', () => {
  const slow = Array.from({ length: 20 }, (_, day) => 5.5 + 0.05 * day);
  expect(sinceSurprise(daily(slow), 'ph')).toHaveLength(20);
});

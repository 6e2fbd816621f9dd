import { counted } from './index';
import { inGroups } from './counted';

test('one is one, none and many are many', () => {
  expect([0, 1, 2].map((count) => counted(count, 'check'))).toEqual([
    '0 checks',
    '1 check',
    '2 checks',
  ]);
  expect(counted(1, 'entry')).toBe('1 entry');
  expect(counted(30, 'entry')).toBe('30 entries');
});

test('a large number is read in groups of three that stay on one line', () => {
  expect([9999, 10_000, 12_084, 1_234_567].map(inGroups)).toEqual([
    '9999',
    '10\u202f000',
    '12\u202f084',
    '1\u202f234\u202f567',
  ]);
  expect(counted(50_000, 'reading')).toBe('50\u202f000 readings');
});

import { counted } from './index';

test('one is one, none and many are many', () => {
  expect([0, 1, 2].map((count) => counted(count, 'check'))).toEqual([
    '0 checks',
    '1 check',
    '2 checks',
  ]);
  expect(counted(1, 'entry')).toBe('1 entry');
  expect(counted(30, 'entry')).toBe('30 entries');
});

import type { SessionRow } from '@/book/answers';
import { twiceCheckedLine } from './twiceChecked';

const MINUTE_MS = 60_000;
const check = (id: string, minutes: number, by = '', quantity = 'ph') =>
  ({ id, atMs: minutes * MINUTE_MS, by, body: { plan: { quantity } } }) as unknown as SessionRow;

test('the later of two checks of one side within the hour says so, with who', () => {
  const [first, second] = [check('a', 100, 'AB'), check('b', 130, 'CD')];
  const all = [second, first];
  expect(twiceCheckedLine(second, all)).toBe(
    'Checked twice within the hour, by AB and CD: both checks count.',
  );
  expect(twiceCheckedLine(first, all)).toBe('');
});

test('of the same minute exactly one says so; another side or another hour does not count', () => {
  const all = [check('b', 100), check('a', 100)];
  expect(all.map((one) => twiceCheckedLine(one, all) !== '')).toEqual([true, false]);
  expect(twiceCheckedLine(check('c', 100, '', 'ec'), all)).toBe('');
  expect(twiceCheckedLine(check('c', 161), all)).toBe('');
});

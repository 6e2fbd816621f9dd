import type { TankAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { rereadLine } from './stopLines';

const formats = makeFormats(DEFAULT_FORMATS);
const at = (hour: number, minute: number) => new Date(2026, 4, 20, hour, minute).getTime();
const poured = (mixing: boolean) =>
  ({
    mixing: mixing && {
      body: {
        at: new Date(at(9, 0)).toISOString(),
        what: 'acid',
        productName: 'pH down',
        doseMl: 12,
      },
    },
  }) as unknown as TankAnswer;

test('a dose says until when it mixes, then that it is mixed', () => {
  const line = (minute: number) => rereadLine(poured(true), at(9, 10), formats, at(9, minute));
  expect(line(6)).toMatch(/pH down poured 6 min ago\. Mixing until 09:10\.$/);
  expect(line(10)).toMatch(/Mixed: read it again\.$/);
});

test('read once since it was dosed, it says when once more', () => {
  const line = (minute: number) => rereadLine(poured(false), at(9, 10), formats, at(9, minute));
  expect(line(9)).toBe('Read once since it was dosed; once more at 09:10.');
  expect(line(10)).toBe('Read once since it was dosed: read it once more.');
});

import type { LotAnswer } from '@/book/answers';
import { lotState } from '@/core/lots';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { liquidName, lotWords } from './lotWords';

const formats = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const now = new Date(2026, 4, 20).getTime();
const lot = (
  expiresAtMs: number | undefined,
  left: number | undefined,
  kind: 'buffer' | 'storage' = 'buffer',
) =>
  ({
    body: { kind },
    state: lotState({ kind, form: 'bottle', nominal: 7, expiresAtMs, left }, now),
  }) as unknown as LotAnswer;

test('what is left in calibrations, and until when it is good', () => {
  expect(lotWords(lot(new Date(2026, 11, 1).getTime(), 95))).toBe(
    '4 calibrations left, good until Tue 1 Dec 2026',
  );
  expect(lotWords(lot(new Date(2026, 3, 27).getTime(), 25))).toBe(
    '1 calibration left, expired Mon 27 Apr 2026',
  );
  expect(lotWords(lot(undefined, 5))).toBe('0 calibrations left, empty');
  expect(lotWords(lot(undefined, undefined, 'storage'))).toBe('no dates noted');
});

test('liquids are named by their value', () => {
  expect(liquidName({ kind: 'buffer', nominal: 6.86 }, formats)).toBe('6,86 buffer');
  expect(liquidName({ kind: 'ecStandard', nominal: 1.413 }, formats)).toBe('1,413 mS/cm standard');
  expect(liquidName({ kind: 'storage' }, formats)).toBe('Storage solution');
});

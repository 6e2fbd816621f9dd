import type { ReadingRow } from '@/book/answers';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { historyLines, shownLine } from './tankViewModel';

const formats = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const now = new Date(2026, 4, 20, 10, 0).getTime();
const reading = {
  id: 'r',
  atMs: now - 3 * 86_400_000,
  by: 'AM',
  tempC: 21.4,
  note: '',
  ph: { shown: 5.38, penCode: 'P1', judged: { value: 5.35, budget: { expandedU: 0.08 } } },
  ec: { shown: 1460, scale: 'µS/cm', penCode: 'P3', judged: undefined },
} as unknown as ReadingRow;

test('what the pen showed stands beside the corrected value', () => {
  expect(shownLine(reading, 'ph', { formats, nowMs: now })).toBe('P1 showed 5,38, 3 d ago');
  expect(shownLine(reading, 'ec', { formats, nowMs: now })).toBe('P3 showed 1460 µS/cm, 3 d ago');
});

test('a value that could not be stated at 25 °C is a dash, not a zero', () => {
  expect(historyLines([reading], formats)).toEqual([
    { id: 'r', when: 'Sun 17 May', ph: '5,35 ± 0,08', ec: '–', temp: '21,4 °C', by: 'AM' },
  ]);
});

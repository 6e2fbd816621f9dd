import type { AdditionRow, ReadingRow } from '@/book/answers';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { besideReading, historyLines, shownLine } from './tankLines';

const formats = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const now = new Date(2026, 4, 20, 10, 0).getTime();
const reading = {
  id: 'r',
  atMs: now - 3 * 86_400_000,
  by: 'AM',
  tempC: 21.4,
  note: '',
  ph: {
    shown: 5.38,
    penCode: 'P1',
    judged: { standing: 'checked', value: 5.35, budget: { expandedU: 0.08 } },
  },
  ec: { shown: 1460, scale: 'µS/cm', penCode: 'P3', judged: undefined },
} as unknown as ReadingRow;

test('what the pen showed stands beside the corrected value', () => {
  expect(shownLine(reading, 'ph', { formats, nowMs: now })).toBe('P1 showed 5,38, 3 d ago');
  expect(shownLine(reading, 'ec', { formats, nowMs: now })).toBe('P3 showed 1460 µS/cm, 3 d ago');
});

test('a value that could not be stated at 25 °C is a dash; what was poured stands between', () => {
  const poured = {
    id: 'a',
    atMs: now - 86_400_000,
    by: 'AM',
    body: { what: 'acid', productName: 'Citric acid 10 %', doseMl: 12 },
  } as unknown as AdditionRow;
  const older = { ...poured, id: 'b', atMs: now - 9 * 86_400_000 } as AdditionRow;
  const lines = (complete: boolean) =>
    historyLines([reading], [older, poured], { formats, complete });
  expect(lines(false)).toEqual([
    {
      id: 'a',
      cells: ['Tue 19 May', 'acid poured · 12,0 mL · Citric acid 10 % · AM'],
      across: true,
    },
    { id: 'r', cells: ['Sun 17 May', '5,35 ± 0,08', '–', '21,4 °C', 'AM'] },
  ]);
  expect(lines(true).map(({ id }) => id)).toEqual(['a', 'r', 'b']);
});

test('a laboratory’s value stands under the reading with its difference', () => {
  const beside = besideReading(
    {
      ...reading,
      lab: { ph: 5.42, ecMsPerCm: 1.5, name: '' },
      ph: { ...reading.ph!, dips: 3 },
      note: 'cloudy',
    },
    formats,
  );
  expect(beside).toBe(
    'laboratory pH 5,42, 0,07 above ours · laboratory EC 1,50 mS/cm · mean of 3 dips · cloudy',
  );
  const lines = historyLines([{ ...reading, note: 'cloudy' }], [], { formats, complete: true });
  expect(lines.map(({ id, across }) => [id, across])).toEqual([
    ['r', undefined],
    ['r-more', true],
  ]);
});

import type { LedgerRow } from '@/book/answers';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { ledgerLine } from './ledgerViewModel';

const formats = makeFormats(DEFAULT_FORMATS);
const at = (day: number, hour: number) => new Date(2026, 4, day, hour, 30).getTime();
const judged = (value: number, verdict: string, expandedU: number) => ({
  value,
  verdict,
  standing: 'checked',
  budget: { expandedU },
});
const reading = (day: number, hour: number) =>
  ({
    kind: 'reading',
    atMs: at(day, hour),
    row: {
      id: `${day}-${hour}`,
      by: 'AM',
      tankId: 't',
      tankName: 'Basil tables',
      tempC: 21,
      ph: { shown: 5.38, penCode: 'P1', judged: judged(5.35, 'low', 0.06) },
      ec: { judged: judged(1.47, 'in', 0.04) },
    },
  }) as unknown as LedgerRow;

test('a line bears its day with the year, and what the pen showed beside the true value', () => {
  expect(ledgerLine(reading(20, 9), formats)).toMatchObject({
    day: '20 May 2026',
    time: '09:30 AM',
    title: 'Basil tables',
    detail: 'pH 5.35 ± 0.06 low (P1 showed 5.38) · EC 1.47 ± 0.04 mS/cm in band · 21.0 °C',
    href: '/book/20-9',
  });
});

test('what adjusts nothing stands in the Book too: a comparison, the house control, a stop passed by', () => {
  const plain = (text: string) => text.replaceAll('\u00a0', ' ');
  const row = (kind: string, more: object) =>
    ({ kind, atMs: at(20, 9), row: { id: kind, by: 'AM', ...more } }) as unknown as LedgerRow;
  const rows = [
    row('comparison', {
      penCode: 'P2',
      otherCode: 'P1',
      body: { penId: 'p2', what: 'ph', shown: 6.2, against: { by: 'pen', penId: 'p1', shown: 6 } },
      result: { offset: 0.2, expandedU: 0.06 },
    }),
    row('control', {
      penCode: 'P1',
      penId: 'p1',
      body: { nominalPh: 7, shown: 7.02, tempC: 20 },
    }),
    row('skip', { about: 'Basil tables', why: 'noTime' }),
  ];
  const lines = rows.map((each) => ledgerLine(each, formats));
  expect(lines.map(({ title, detail }) => [title, plain(detail)])).toEqual([
    ['P2 compared. No calibration.', 'pH beside P1: 0.20 ± 0.06 pH high'],
    ['P1 read in the house control', 'showed 7.02 pH in the 7.00 buffer at 20.0 °C'],
    ['Basil tables: passed by', 'no time today'],
  ]);
  expect(lines.map(({ href }) => href)).toEqual([
    '/book/comparison',
    '/book/control',
    '/book/skip',
  ]);
});

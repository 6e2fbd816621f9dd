import type { LedgerRow } from '@/book/answers';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { ledgerDays } from './ledgerViewModel';

const formats = makeFormats(DEFAULT_FORMATS);
const at = (day: number, hour: number) => new Date(2026, 4, day, hour, 30).getTime();
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
      ph: { shown: 5.38, penCode: 'P1', judged: { value: 5.35, verdict: 'low' } },
      ec: { judged: { value: 1.47, verdict: 'in' } },
    },
  }) as unknown as LedgerRow;

beforeEach(() => {
  jest.useFakeTimers().setSystemTime(new Date(2026, 4, 21));
});
afterEach(() => {
  jest.useRealTimers();
});

test('a day longer than eleven months ago bears its year', () => {
  jest.setSystemTime(new Date(2027, 4, 21));
  expect(ledgerDays([reading(20, 9)], formats)[0]!.day).toBe('Wed 20 May 2026');
});

test('lines are grouped by day and keep what the pen showed beside the true value', () => {
  const days = ledgerDays([reading(20, 9), reading(20, 7), reading(19, 8)], formats);
  expect(days.map(({ day, lines }) => [day, lines.length])).toEqual([
    ['Wed 20 May', 2],
    ['Tue 19 May', 1],
  ]);
  expect(days[0]!.lines[0]).toMatchObject({
    time: '09:30 AM',
    title: 'Basil tables',
    detail: 'pH 5.35 low (P1 showed 5.38) · EC 1.47 mS/cm in band · 21.0 °C',
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
  const lines = ledgerDays(rows, formats)[0]!.lines;
  expect(lines.map(({ title, detail }) => [title, plain(detail)])).toEqual([
    ['P2 compared. No calibration.', 'pH beside P1: 0.20 ± 0.06 pH high'],
    ['P1 read in the house control', 'showed 7.02 pH in the 7.00 buffer at 20.0 °C'],
    ['Basil tables: passed by', 'no time today'],
  ]);
  expect(lines.map(({ href }) => href)).toEqual(['/pens/p2', '/pens/p1/control', '/']);
});

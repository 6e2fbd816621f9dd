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

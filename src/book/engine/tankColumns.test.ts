import { makeDemo } from '@/demo';
import { VERDICTS } from '@/core/verdict';
import { BookState } from './bookState';
import { readingRow } from './readingRow';
import { readingsOf } from './readingsOf';
import { tankColumns } from './tankColumns';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const book = new BookState();
book.apply(makeDemo({ nowMs, zone: 'UTC' }));

test('columns say the same as rows with their budgets, reading by reading', () => {
  for (const { id } of book.all('tank')) {
    const columns = tankColumns(book, id);
    const rows = [...readingsOf(book, id)].reverse().map((reading) => readingRow(book, reading)!);
    expect(columns.atMs).toHaveLength(rows.length);
    rows.forEach((row, at) => {
      expect(columns.atMs[at]).toBe(row.atMs);
      expect(columns.ph[at]).toBeCloseTo(row.ph!.judged.value, 12);
      expect(columns.phStdU[at]).toBeCloseTo(row.ph!.judged.budget.stdU, 12);
      expect(VERDICTS[columns.phVerdict[at]!]).toBe(row.ph!.judged.verdict);
      expect(columns.ec[at]).toBeCloseTo(row.ec!.judged!.value, 12);
      expect(columns.ecStdU[at]).toBeCloseTo(row.ec!.judged!.budget.stdU, 12);
      expect(VERDICTS[columns.ecVerdict[at]!]).toBe(row.ec!.judged!.verdict);
    });
  }
});

test('they are kept until the book changes', () => {
  const { id } = book.all('tank')[0]!;
  expect(tankColumns(book, id)).toBe(tankColumns(book, id));
});

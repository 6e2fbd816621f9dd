import { BookState } from '../../src/book/engine/bookState';
import { ledgerAnswer } from '../../src/book/engine/ledgerAnswer';
import { outTable } from '../../src/book/engine/outTables';
import { writeCsv } from '../../src/interchange/tables';
import { madeBook } from './madeBook';
import { timed } from './measure';

const SMALL = 1_000;
const LARGE = 200_000;
const FIRST = { skip: 0, count: 100 };

/** A book of so many readings, with its list made once, as it stands open. */
function opened(readings: number): BookState {
  const book = new BookState();
  book.apply(madeBook({ first: Math.round(readings / 10), others: Math.round(0.9 * readings) }));
  ledgerAnswer(book, {}, FIRST);
  return book;
}

/** What is looked for anew each time: the last answer is kept only for the same question. */
const asked = (at: number) =>
  [
    { words: `tank ${at % 9}` },
    { words: `p1 tank ${at % 9}`, kind: 'reading' as const },
    { fromMs: Date.now() - (at + 1) * 86_400_000 * 30 },
  ] as const;

/** The Book of a thousand entries against one of two hundred thousand: first rows, filters, CSV. */
export function benchBook(): void {
  const [small, large] = [opened(SMALL), opened(LARGE)];
  const rows = (book: BookState) => timed(() => ledgerAnswer(book, {}, FIRST)).ms;
  const [of1000, of200000] = [rows(small), rows(large)];
  console.log(
    `Book, first rows: ${of1000.toFixed(2)} ms of ${SMALL} entries, ${of200000.toFixed(2)} ms of ${LARGE}: ${(of200000 / of1000).toFixed(2)} times (at most 1.5)`,
  );
  let at = 0;
  for (const [place, what] of ['a word', 'two words and a kind', 'from a day'].entries()) {
    const { ms, result } = timed(() => ledgerAnswer(large, asked((at += 1))[place]!, FIRST));
    console.log(
      `Book, ${what}: ${ms.toFixed(0)} ms, ${result.found} of ${result.total} (at most 150 ms)`,
    );
  }
  const table = outTable(small, 'reading', {});
  const { ms } = timed(() => writeCsv(table, '.'));
  console.log(`Book, CSV of ${table.rows.length} readings once worked out: ${ms.toFixed(1)} ms`);
}

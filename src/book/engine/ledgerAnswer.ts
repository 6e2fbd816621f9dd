import type { LedgerAnswer, LedgerRow } from '@/book/answers';
import type { BookState } from './bookState';
import { sessionRow } from './penAnswers';
import { readingRow } from './readingRow';
import { additionRow } from './tankAnswers';

/** An entry that becomes a row only when it is shown. */
interface Entry {
  readonly atMs: number;
  readonly row: () => LedgerRow | undefined;
}

function entriesOf(book: BookState): readonly Entry[] {
  const readings = book.all('reading').map((record): Entry => {
    const atMs = Date.parse(record.body.takenAt);
    const row = () => {
      const made = readingRow(book, record);
      return made && ({ kind: 'reading', atMs, row: made } as const);
    };
    return { atMs, row };
  });
  const sessions = book.all('session').map((record): Entry => {
    const atMs = Date.parse(record.body.finishedAt);
    return { atMs, row: () => ({ kind: 'session', atMs, row: sessionRow(book, record) }) };
  });
  const care = book.all('careEvent').map((record): Entry => {
    const atMs = Date.parse(record.body.at);
    const { id, head, body } = record;
    const penCode = book.record('pen', body.penId)?.body.code ?? '?';
    const row = { id, revId: head.revId, body, atMs, by: head.by, penCode };
    return { atMs, row: () => ({ kind: 'care', atMs, row }) };
  });
  const additions = book.all('addition').map((record): Entry => {
    const atMs = Date.parse(record.body.at);
    const tankName = book.record('tank', record.body.tankId)?.body.name ?? '?';
    const row = { ...additionRow({ record, atMs }), tankName };
    return { atMs, row: () => ({ kind: 'addition', atMs, row }) };
  });
  return [...readings, ...sessions, ...care, ...additions].sort((a, b) => b.atMs - a.atMs);
}

/** The newest `count` lines of the Book. */
export function ledgerAnswer(book: BookState, count: number): LedgerAnswer {
  const entries = book.remember('ledger', () => entriesOf(book));
  const rows = entries.slice(0, count).flatMap((entry) => entry.row() ?? []);
  return { rows, total: entries.length };
}

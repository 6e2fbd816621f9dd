import type { LedgerAnswer, LedgerRow } from '@/book/answers';
import { byDescent, eventMs } from '@/records';
import type { BookState } from './bookState';
import { sessionRow } from './penAnswers';
import { readingRow } from './readingRow';
import { comparisonsOf } from './comparisons';
import { spare } from './spare';
import { additionRow } from './tankAnswers';

/** An entry that becomes a row only when it is shown. */
interface Entry {
  readonly atMs: number;
  readonly row: () => LedgerRow | undefined;
}

/** Kinds of the ledger that can be voided. */
const LEDGER_KINDS = ['reading', 'session', 'careEvent', 'addition'] as const;

/** Entries that somebody voided, saying why. */
function voidedIn(book: BookState): Entry[] {
  return LEDGER_KINDS.flatMap((kind) =>
    book.idsOf(kind).flatMap((id): Entry[] => {
      const revisions = byDescent(book.revisionsOf(id));
      const head = revisions.at(-1);
      if (!head || head.body !== null || !head.why) return [];
      const told = [...revisions].reverse().find(({ body }) => body !== null);
      const { tankId, penId } = (told?.body ?? {}) as { tankId?: string; penId?: string };
      const atMs = eventMs(told ?? head);
      const about =
        (tankId && book.record('tank', tankId)?.body.name) ||
        (penId && book.record('pen', penId)?.body.code) ||
        '';
      const row = { id, recordKind: kind, about, why: head.why, by: head.by };
      return [{ atMs, row: () => ({ kind: 'voided', atMs, row }) }];
    }),
  );
}

/** What adjusts nothing and corrects nothing: comparisons, control readings, stops passed by. */
function besides(book: BookState): Entry[] {
  const codeOf = (penId: string) => book.record('pen', penId)?.body.code ?? '?';
  const comparisons = book.all('pen').flatMap(({ id, body }) =>
    comparisonsOf(book, id).map((row): Entry => {
      const { atMs } = row;
      return {
        atMs,
        row: () => ({ kind: 'comparison', atMs, row: { ...row, penCode: body.code } }),
      };
    }),
  );
  const controls = book.all('controlReading').map(({ id, head, body }): Entry => {
    const atMs = Date.parse(body.at);
    const row = { id, body, by: head.by, penId: body.penId, penCode: codeOf(body.penId) };
    return { atMs, row: () => ({ kind: 'control', atMs, row }) };
  });
  const skips = book.all('skip').map(({ id, head, body }): Entry => {
    const atMs = Date.parse(body.at);
    const of = body.stop.split('/')[1] ?? '';
    const about = book.record('tank', of)?.body.name ?? book.record('pen', of)?.body.code ?? '';
    const row = { id, about, why: body.why, by: head.by };
    return { atMs, row: () => ({ kind: 'skip', atMs, row }) };
  });
  return [...comparisons, ...controls, ...skips];
}

function entriesOf(book: BookState): readonly Entry[] {
  const readings = book.all('reading').map((record): Entry => {
    const atMs = Date.parse(record.body.takenAt);
    const row = () => {
      const name = book.record('tank', record.body.tankId)?.body.name ?? '?';
      const made = spare(
        book,
        name,
        () => readingRow(book, record),
        () => undefined,
      );
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
  return [
    ...readings,
    ...sessions,
    ...care,
    ...additions,
    ...besides(book),
    ...voidedIn(book),
  ].sort((a, b) => b.atMs - a.atMs);
}

/** The newest `count` lines of the Book. */
export function ledgerAnswer(book: BookState, count: number): LedgerAnswer {
  const entries = book.remember('ledger', () => entriesOf(book));
  const rows = entries.slice(0, count).flatMap((entry) => entry.row() ?? []);
  return { rows, total: entries.length };
}

import type {
  BenchAnswer,
  LedgerAnswer,
  LedgerRow,
  LotAnswer,
  SettingsAnswer,
} from '@/book/answers';
import { lotState } from '@/core/lots';
import { BOOK_SETTINGS_ID, settingSchema, type Lot, type RecordId } from '@/records';
import type { BookState } from './bookState';
import { penAnswer, sessionRow } from './penAnswers';
import { readingRow } from './readingRow';

const msOf = (instant: string | undefined) =>
  instant === undefined ? undefined : Date.parse(instant);

/** A lot's state from its record. */
function stateOf(body: Lot, nowMs: number) {
  const facts = { ...body, expiresAtMs: msOf(body.expiresAt), openedAtMs: msOf(body.openedAt) };
  return lotState(facts, nowMs);
}

/** The Shelf: buffers by value, then standards, then the rest. */
export function shelfAnswer(book: BookState, nowMs: number): readonly LotAnswer[] {
  const order = ['buffer', 'ecStandard', 'storage', 'cleaner'];
  return [...book.all('lot')]
    .sort(
      (a, b) =>
        order.indexOf(a.body.kind) - order.indexOf(b.body.kind) ||
        (a.body.nominal ?? 0) - (b.body.nominal ?? 0) ||
        (a.id < b.id ? -1 : 1),
    )
    .map(({ id, head, body }) => ({ id, revId: head.revId, body, state: stateOf(body, nowMs) }));
}

/** What the Bench needs for one side of a pen. */
export function benchAnswer(
  book: BookState,
  { penId, quantity, nowMs }: { penId: RecordId; quantity: 'ph' | 'ec'; nowMs: number },
): BenchAnswer | null {
  const pen = book.record('pen', penId);
  if (!pen) return null;
  const draft = book
    .all('benchDraft')
    .find(({ body }) => body.penId === penId && body.quantity === quantity);
  return {
    pen: penAnswer(book, pen, nowMs),
    lots: shelfAnswer(book, nowMs),
    draft: draft && { id: draft.id, revId: draft.head.revId, body: draft.body },
  };
}

/** The newest `count` lines of the Book. */
export function ledgerAnswer(book: BookState, count: number): LedgerAnswer {
  const readings = book
    .all('reading')
    .map((record) => ({ kind: 'reading' as const, atMs: Date.parse(record.body.takenAt), record }));
  const sessions = book.all('session').map((record) => ({
    kind: 'session' as const,
    atMs: Date.parse(record.body.finishedAt),
    record,
  }));
  const newest = [...readings, ...sessions].sort((a, b) => b.atMs - a.atMs).slice(0, count);
  const rows = newest.flatMap((entry): LedgerRow[] => {
    const { atMs } = entry;
    if (entry.kind === 'session')
      return [{ kind: 'session', atMs, row: sessionRow(book, entry.record) }];
    const row = readingRow(book, entry.record);
    return row ? [{ kind: 'reading', atMs, row }] : [];
  });
  return { rows, total: readings.length + sessions.length };
}

/** Settings and people. */
export function settingsAnswer(book: BookState): SettingsAnswer {
  const record = book.record('setting', BOOK_SETTINGS_ID);
  return {
    settings: record?.body ?? settingSchema.parse({}),
    revId: record?.head.revId,
    people: book.all('person').map(({ id, head, body }) => ({ id, revId: head.revId, body })),
  };
}

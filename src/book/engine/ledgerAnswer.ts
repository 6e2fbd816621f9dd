import type { LedgerAnswer, LedgerPart, LedgerQuery, LedgerVerdict } from '@/book/answers';
import type { Verdict } from '@/core/verdict';
import type { Session } from '@/records/kinds';
import type { BookState } from './bookState';
import { ledgerEntries, type LedgerEntry } from './ledgerEntries';

/** The names by which people look for a pen, a tank, a lot: all in small letters, by id. */
function searched(book: BookState): ReadonlyMap<string, string> {
  return book.remember('ledgerNames', () => {
    const probes = new Map<string, string>();
    for (const { body } of book.all('probe'))
      probes.set(body.penId, `${probes.get(body.penId) ?? ''} ${body.serial}`);
    const texts = [
      ...book.all('tank').map(({ id, body }) => [id, body.name] as const),
      ...book
        .all('pen')
        .map(
          ({ id, body }) =>
            [
              id,
              `${body.code} ${body.name} ${body.papers?.serial ?? ''} ${probes.get(id) ?? ''}`,
            ] as const,
        ),
      ...book.all('lot').map(({ id, body }) => [id, body.lotCode] as const),
    ];
    return new Map(texts.map(([id, text]) => [id, text.toLowerCase()]));
  });
}

/** Whether every word stands in the entry or in the name of something it is about. */
function hasWords(book: BookState, words: string): (entry: LedgerEntry) => boolean {
  const names = [...searched(book)];
  const each = words
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => ({
      word,
      named: new Set(names.filter(([, text]) => text.includes(word)).map(([id]) => id)),
    }));
  return ({ about, text }) =>
    each.every(({ word, named }) => about.some((id) => named.has(id)) || text.includes(word));
}

const OUTCOMES: Partial<Record<LedgerVerdict, readonly Session['outcome'][]>> = {
  foundGood: ['inTolerance'],
  adjusted: ['adjusted', 'adjustedWithMiss'],
  leftOut: ['leftOut'],
};

const STANDS: Partial<Record<LedgerVerdict, readonly Verdict[]>> = {
  inBand: ['in', 'probablyIn'],
  outOfBand: ['low', 'high', 'probablyLow', 'probablyHigh'],
  cantTell: ['cantTell'],
};

/** Whether an entry came to this; a reading of two quantities by either of them. */
function cameTo(verdict: LedgerVerdict): (entry: LedgerEntry) => boolean {
  const outcomes = OUTCOMES[verdict];
  if (outcomes) return ({ outcome }) => outcome !== undefined && outcomes.includes(outcome);
  const stands = STANDS[verdict] ?? [];
  return (entry) => {
    if (entry.kind !== 'reading') return false;
    const row = entry.row();
    if (row?.kind !== 'reading') return false;
    const both = [row.row.ph?.judged.verdict, row.row.ec?.judged?.verdict].flatMap(
      (one) => one ?? [],
    );
    // In band is said of both; anything else of either.
    return verdict === 'inBand'
      ? both.length > 0 && both.every((one) => stands.includes(one))
      : both.some((one) => stands.includes(one));
  };
}

/** The entries that pass, newest first. */
export function ledgerFound(book: BookState, query: LedgerQuery): readonly LedgerEntry[] {
  const { words, kind, tankId, penId, lotId, by, verdict, fromMs, toMs } = query;
  const about = [tankId, penId, lotId].filter((id): id is string => id !== undefined);
  const tests: ((entry: LedgerEntry) => boolean)[] = [];
  if (kind) tests.push((entry) => entry.kind === kind);
  if (by !== undefined) tests.push((entry) => entry.by === by);
  if (fromMs !== undefined) tests.push(({ atMs }) => atMs >= fromMs);
  if (toMs !== undefined) tests.push(({ atMs }) => atMs <= toMs);
  if (about.length > 0) tests.push((entry) => about.every((id) => entry.about.includes(id)));
  if (words?.trim()) tests.push(hasWords(book, words));
  // Last: to judge a reading costs more than all others.
  if (verdict) tests.push(cameTo(verdict));
  const all = ledgerEntries(book);
  if (tests.length === 0) return all;
  // The last query alone: its parts are asked one after another, and lists of older ones only weigh.
  const last = book.remember('ledgerFound', () => ({
    all: ledgerEntries(book),
    key: '',
    found: [] as readonly LedgerEntry[],
  }));
  const key = JSON.stringify(query);
  if (last.key !== key) {
    last.found = all.filter((entry) => tests.every((test) => test(entry)));
    last.key = key;
  }
  return last.found;
}

/** A part of the entries that pass, how many pass, and how many there are. */
export function ledgerAnswer(book: BookState, query: LedgerQuery, part: LedgerPart): LedgerAnswer {
  const found = ledgerFound(book, query);
  const { skip, count } = part;
  const rows = found.slice(skip, skip + count).flatMap((entry) => entry.row() ?? []);
  return { rows, found: found.length, total: ledgerEntries(book).length };
}

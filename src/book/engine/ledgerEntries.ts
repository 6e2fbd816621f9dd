import { LEDGER_KINDS, type LedgerKind, type LedgerRow } from '@/book/answers';
import {
  byDescent,
  eventMs,
  type RecordId,
  type Revision,
  type LotId,
  type PenId,
  type TankId,
} from '@/records';
import type { Session } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { comparisonsOf } from './comparisons';
import { sessionRow } from './penAnswers';
import { readingRow } from './readingRow';
import { spare } from './spare';
import { additionRow } from './tankAnswers';

/** An entry by what it is found by; it becomes a row only when it is shown. */
export interface LedgerEntry {
  readonly id: RecordId;
  readonly kind: LedgerKind;
  readonly atMs: number;
  readonly by: string;
  /** The tank, the pens and the lots it names. */
  readonly about: readonly RecordId[];
  /** What somebody wrote in it, in small letters. */
  readonly text: string;
  /** How a check ended. */
  readonly outcome?: Session['outcome'] | undefined;
  readonly row: () => LedgerRow | undefined;
}

/** What the bodies of all kinds may name. */
interface Names {
  readonly tankId?: TankId;
  readonly penId?: PenId;
  readonly lotId?: LotId;
  readonly note?: string;
  readonly productName?: string;
  readonly lotCode?: string;
  readonly serial?: string;
  readonly ph?: { readonly penId?: PenId } | null;
  readonly ec?: { readonly penId?: PenId } | null;
  readonly against?: { readonly penId?: PenId };
  readonly plan?: Session['plan'];
  readonly stop?: string;
}

/** Every record an entry names, by what its body says. */
function namedIn(id: RecordId, body: Names): readonly RecordId[] {
  const { tankId, penId, lotId, ph, ec, against, plan, stop } = body;
  const lots = plan?.cups.map((cup) => cup.lotId) ?? [];
  const named = [
    id,
    tankId,
    penId,
    lotId,
    ph?.penId,
    ec?.penId,
    against?.penId,
    ...lots,
    stop?.split('/')[1],
  ];
  return named.filter((one): one is string => one !== undefined);
}

function textOf({ note, productName, lotCode, serial }: Names): string {
  if (!note && !productName && !lotCode && !serial) return '';
  return [note, productName, lotCode, serial].filter(Boolean).join(' ').toLowerCase();
}

/** An entry of a live record. */
function entryOf(
  kind: LedgerKind,
  record: LiveRecord<LedgerKind>,
  row: (atMs: number) => LedgerRow | undefined,
): LedgerEntry {
  const { id, head } = record;
  const body = record.body as unknown as Names;
  const atMs = eventMs(head as unknown as Revision);
  return {
    id,
    kind,
    atMs,
    by: head.by,
    about: namedIn(id, body),
    text: textOf(body),
    outcome: kind === 'session' ? (body as unknown as Session).outcome : undefined,
    row: () => row(atMs),
  };
}

/** Entries of records that are what they were: one save changes one of fifty thousand. */
const known = new WeakMap<LiveRecord<LedgerKind>, LedgerEntry>();

/** The entry of a record, made once; its row is worked out when it is asked for. */
function entryOnce<K extends LedgerKind>(
  kind: K,
  record: LiveRecord<K>,
  row: (atMs: number) => LedgerRow | undefined,
): LedgerEntry {
  const of = record as unknown as LiveRecord<LedgerKind>;
  const entry = known.get(of) ?? entryOf(kind, of, row);
  known.set(of, entry);
  return entry;
}

/** Entries that somebody voided, saying why. */
function voidedOf(book: BookState, kind: LedgerKind): LedgerEntry[] {
  const here = book.recordsHere();
  const everVoided = book
    .idsOf(kind)
    .filter((id) => here.get(id)?.some(({ body }) => body === null));
  return everVoided.flatMap((id): LedgerEntry[] => {
    if (book.recordIf(kind, id)) return [];
    const revisions = byDescent(book.revisionsOf(id));
    const head = revisions.at(-1);
    if (!head || head.body !== null || !head.why) return [];
    const told = [...revisions].reverse().find(({ body }) => body !== null);
    const body = (told?.body ?? {}) as Names;
    const atMs = eventMs(told ?? head);
    const about =
      (body.tankId && book.record('tank', body.tankId)?.body.name) ||
      (body.penId && book.record('pen', body.penId)?.body.code) ||
      '';
    const row = { id, recordKind: kind, about, why: head.why, by: head.by };
    const text = `${textOf(body)} ${head.why.toLowerCase()}`;
    return [
      {
        id,
        kind,
        atMs,
        by: head.by,
        about: namedIn(id, body),
        text,
        row: () => ({ kind: 'voided', atMs, row }),
      },
    ];
  });
}

/** What adjusts nothing and corrects nothing: comparisons, control readings, stops passed by. */
function besides(book: BookState): LedgerEntry[] {
  const codeOf = (penId: PenId) => book.record('pen', penId)?.body.code ?? '?';
  const comparisons = book.all('comparison').map((record) =>
    entryOf('comparison', record, (atMs) => {
      const { penId } = record.body;
      const row = comparisonsOf(book, penId).find(({ id }) => id === record.id);
      return row && { kind: 'comparison', atMs, row: { ...row, penCode: codeOf(penId) } };
    }),
  );
  const controls = book.all('controlReading').map((record) => {
    const { id, head, body } = record;
    const row = { id, body, by: head.by, penId: body.penId, penCode: codeOf(body.penId) };
    return entryOf('controlReading', record, (atMs) => ({ kind: 'control', atMs, row }));
  });
  const skips = book.all('skip').map((record) => {
    const { id, head, body } = record;
    const of = body.stop.split('/')[1] ?? '';
    const about = book.record('tank', of)?.body.name ?? book.record('pen', of)?.body.code ?? '';
    const row = { id, about, why: body.why, by: head.by };
    return entryOf('skip', record, (atMs) => ({ kind: 'skip', atMs, row }));
  });
  return [...comparisons, ...controls, ...skips];
}

/** Jars, probes and lots: what was tried, fitted, put on the Shelf. */
function things(book: BookState): LedgerEntry[] {
  const jars = book.all('jarTest').map((record) => {
    const { id, head, body } = record;
    const tankName = book.record('tank', body.tankId)?.body.name ?? '?';
    const row = { id, body, tankName, by: head.by };
    return entryOf('jarTest', record, (atMs) => ({ kind: 'jar', atMs, row }));
  });
  const probes = book.all('probe').map((record) => {
    const { id, head, body } = record;
    const penCode = book.record('pen', body.penId)?.body.code ?? '?';
    const row = { id, body, penCode, by: head.by };
    return entryOf('probe', record, (atMs) => ({ kind: 'probe', atMs, row }));
  });
  // A lot stands where it came to the Shelf: each portion taken from it is no entry of its own.
  const lots = book.all('lot').map((record): LedgerEntry => {
    const { id, body, revisions } = record;
    const [first] = byDescent(revisions as readonly Revision[]);
    const row = { id, body, by: first?.by ?? '' };
    const entry = entryOf('lot', record, (atMs) => ({ kind: 'lot', atMs, row }));
    const atMs = first ? Date.parse(first.at) : entry.atMs;
    return { ...entry, atMs, by: row.by, row: () => ({ kind: 'lot', atMs, row }) };
  });
  return [...jars, ...probes, ...lots];
}

function made(book: BookState): LedgerEntry[] {
  const readings = book.all('reading').map((record) =>
    entryOnce('reading', record, (atMs) => {
      const name = book.record('tank', record.body.tankId)?.body.name ?? '?';
      const row = spare(
        book,
        name,
        () => readingRow(book, record),
        () => undefined,
      );
      return row && { kind: 'reading', atMs, row };
    }),
  );
  const sessions = book.all('session').map((record) =>
    entryOf('session', record, (atMs) => ({
      kind: 'session',
      atMs,
      row: sessionRow(book, record),
    })),
  );
  const care = book.all('careEvent').map((record) =>
    entryOf('careEvent', record, (atMs) => {
      const { id, head, body } = record;
      const penCode = book.record('pen', body.penId)?.body.code ?? '?';
      const row = { id, revId: head.revId, body, atMs, by: head.by, penCode };
      return { kind: 'care', atMs, row };
    }),
  );
  const additions = book.all('addition').map((record) =>
    entryOf('addition', record, (atMs) => {
      const tankName = book.record('tank', record.body.tankId)?.body.name ?? '?';
      return { kind: 'addition', atMs, row: { ...additionRow({ record, atMs }), tankName } };
    }),
  );
  return [...readings, ...sessions, ...care, ...additions];
}

/** Every entry of the Book, newest first. */
export function ledgerEntries(book: BookState): readonly LedgerEntry[] {
  return book.remember('ledger', () =>
    [
      ...made(book),
      ...besides(book),
      ...things(book),
      ...LEDGER_KINDS.flatMap((kind) => voidedOf(book, kind)),
    ].sort((a, b) => b.atMs - a.atMs),
  );
}

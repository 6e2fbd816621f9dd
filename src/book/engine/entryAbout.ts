import type { CheckAbout, EntryLink } from '@/book/answers';
import {
  byDescent,
  type BodyOf,
  type Kind,
  type RecordId,
  type LotId,
  type PenId,
  type ReadingId,
  type TankId,
} from '@/records';
import type { BookState } from './bookState';
import { lookBackAnswer } from './lookBackAnswer';
import { sessionsOf } from './penTrack';
import { spare } from './spare';

/** What an entry says now, or said last where it was voided. */
export function lastTold<K extends Kind>(book: BookState, id: RecordId): BodyOf<K> | undefined {
  const told = [...byDescent(book.revisionsOf(id))].reverse().find(({ body }) => body !== null);
  return told?.body as BodyOf<K> | undefined;
}

/** The checks of a pen’s side on either side of a moment. */
function checksAround(
  book: BookState,
  { penId, quantity }: { penId: PenId; quantity: 'ph' | 'ec' },
  atMs: number,
): readonly EntryLink[] {
  const sessions = sessionsOf(book, penId, quantity);
  const name = book.record('pen', penId)?.body.code ?? '';
  const before = sessions.findLast((session) => session.atMs <= atMs);
  const after = sessions.find((session) => session.atMs > atMs);
  const link = (role: EntryLink['role'], session: (typeof sessions)[number]): EntryLink => ({
    role,
    id: session.record.id,
    name,
    quantity,
    atMs: session.atMs,
  });
  return [
    ...(before ? [link('checkBefore', before)] : []),
    ...(after ? [link('checkAfter', after)] : []),
  ];
}

const tankLink = (book: BookState, id: TankId): EntryLink => ({
  role: 'tank',
  id,
  name: book.record('tank', id)?.body.name ?? '',
});
const penLink = (book: BookState, id: PenId): EntryLink => ({
  role: 'pen',
  id,
  name: book.record('pen', id)?.body.code ?? '',
});
const lotLink = (book: BookState, id: LotId): EntryLink => ({
  role: 'lot',
  id,
  name: book.record('lot', id)?.body.lotCode ?? '',
});

function linksOfReading(book: BookState, body: BodyOf<'reading'>): readonly EntryLink[] {
  const atMs = Date.parse(body.takenAt);
  const sides = (['ph', 'ec'] as const).flatMap((quantity) => {
    const penId = body[quantity]?.penId;
    return penId ? [{ penId, quantity }] : [];
  });
  const pens = [...new Set(sides.map(({ penId }) => penId))];
  return [
    tankLink(book, body.tankId),
    ...pens.map((id) => penLink(book, id)),
    ...sides.flatMap((side) => checksAround(book, side, atMs)),
  ];
}

function linksOfSession(book: BookState, body: BodyOf<'session'>): readonly EntryLink[] {
  const lots = [...new Set(body.plan.cups.flatMap(({ lotId }) => lotId ?? []))];
  const { penId } = body;
  const name = book.record('pen', penId)?.body.code ?? '';
  const atMs = Date.parse(body.finishedAt);
  const { quantity } = body.plan;
  return [
    penLink(book, penId),
    { role: 'lookBack', id: penId, name, quantity, atMs },
    ...lots.map((id) => lotLink(book, id)),
    ...lots.map((id): EntryLink => ({ ...lotLink(book, id), role: 'uses' })),
  ];
}

/** Where one can go from an entry: what it is about, what it rests on, what rests on it. */
export function entryLinks(book: BookState, kind: Kind, id: RecordId): readonly EntryLink[] {
  const body = lastTold(book, id);
  if (!body) return [];
  if (kind === 'reading') return linksOfReading(book, body as BodyOf<'reading'>);
  if (kind === 'session') return linksOfSession(book, body as BodyOf<'session'>);
  if (kind === 'lot')
    return [{ ...lotLink(book, id as string), role: 'uses' }, lotLink(book, id as string)];
  const { tankId, penId, readingId, lotId } = body as {
    tankId?: TankId;
    penId?: PenId;
    readingId?: ReadingId;
    lotId?: LotId;
  };
  return [
    ...(tankId ? [tankLink(book, tankId)] : []),
    ...(penId ? [penLink(book, penId)] : []),
    ...(lotId ? [lotLink(book, lotId)] : []),
    ...(readingId ? [{ role: 'madeOn' as const, id: readingId, name: '' }] : []),
  ];
}

/** The probe that was fitted on a pen’s side at a moment. */
function probeAt(
  book: BookState,
  { penId, quantity }: { penId: PenId; quantity: 'ph' | 'ec' },
  atMs: number,
): CheckAbout['probe'] {
  const fitted = book
    .all('probe')
    .filter(({ body }) => body.penId === penId && body.side === quantity)
    .map(({ body }) => ({ serial: body.serial, fittedAtMs: Date.parse(body.fittedAt) }))
    .filter(({ fittedAtMs }) => fittedAtMs <= atMs)
    .sort((a, b) => b.fittedAtMs - a.fittedAtMs);
  return fitted[0];
}

/** What makes the record of a check a record, beside what its body holds. */
export function checkAbout(
  book: BookState,
  id: RecordId,
  { lookBack }: { readonly lookBack: boolean } = { lookBack: true },
): CheckAbout | undefined {
  const body = lastTold<'session'>(book, id);
  if (!body?.plan) return undefined;
  const { penId, plan } = body;
  const { quantity } = plan;
  const pen = book.record('pen', penId)?.body;
  const atMs = Date.parse(body.finishedAt);
  const lots = plan.cups.flatMap(({ lotId }) => {
    const lot = lotId ? book.record('lot', lotId)?.body : undefined;
    if (!lotId || !lot) return [];
    const { lotCode, expiresAt, openedAt } = lot;
    return [[lotId, { lotCode, expiresAt, openedAt }] as const];
  });
  const counts = book.recordIf('session', id) !== undefined;
  const looked =
    counts && lookBack
      ? spare(
          book,
          pen?.code ?? '',
          () => lookBackAnswer(book, { penId, quantity, checkMs: atMs }),
          () => null,
        )
      : null;
  return {
    code: pen?.code ?? '',
    name: pen?.name ?? '',
    serial: pen?.papers?.serial ?? '',
    probe: probeAt(book, { penId, quantity }, atMs),
    lots: Object.fromEntries(lots),
    lookBack: looked
      ? {
          readings: looked.rows.length,
          turned: looked.turnedCount,
          wrongDoses: looked.wrongDoseCount,
        }
      : undefined,
  };
}

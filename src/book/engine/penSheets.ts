import type { PenSheet, SheetCheck } from '@/book/answers';
import { byDescent, type PenId, type RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { checkAbout, lastTold } from './entryAbout';
import { ledgerFound } from './ledgerAnswer';

interface Asked {
  /** One pen; every pen where absent. */
  readonly penId?: PenId | undefined;
  /** First and last moment, epoch ms. */
  readonly fromMs: number;
  readonly toMs: number;
}

function sheetCheck(book: BookState, id: RecordId): SheetCheck[] {
  const body = lastTold<'session'>(book, id);
  const versions = byDescent(book.revisionsOf(id));
  const [first] = versions;
  const head = versions.at(-1);
  const about = checkAbout(book, id, { lookBack: false });
  if (!body || !first || !head || !about) return [];
  return [
    {
      id,
      body,
      about,
      by: first.by,
      zone: first.zone,
      amended: versions.slice(1).map(({ at, by, why, body: told }) => ({
        atMs: Date.parse(at),
        by,
        why: why ?? '',
        voided: told === null,
      })),
    },
  ];
}

function sheetOf(book: BookState, pen: LiveRecord<'pen'>, { fromMs, toMs }: Asked): PenSheet {
  const { id, body } = pen;
  const found = (kind: 'session' | 'careEvent') =>
    [...ledgerFound(book, { kind, penId: id, fromMs, toMs })].reverse();
  return {
    id,
    code: body.code,
    name: body.name,
    serial: body.papers?.serial ?? '',
    probes: book
      .all('probe')
      .filter((probe) => probe.body.penId === id)
      .map((probe) => ({
        side: probe.body.side,
        serial: probe.body.serial,
        fittedAtMs: Date.parse(probe.body.fittedAt),
      }))
      .sort((a, b) => a.fittedAtMs - b.fittedAtMs),
    checks: found('session').flatMap((entry) => sheetCheck(book, entry.id)),
    care: found('careEvent').flatMap(({ id: careId, atMs, by }) => {
      const care = book.recordIf('careEvent', careId)?.body;
      return care ? [{ atMs, by, body: care }] : [];
    }),
  };
}

/** The checks and the care of one pen, or of every pen, between two moments, oldest first. */
export function penSheets(book: BookState, asked: Asked): readonly PenSheet[] {
  return book
    .all('pen')
    .filter(({ id }) => asked.penId === undefined || id === asked.penId)
    .sort((a, b) => a.body.code.localeCompare(b.body.code, 'en', { numeric: true }))
    .map((pen) => sheetOf(book, pen, asked));
}

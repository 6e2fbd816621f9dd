import type { ReadingRow } from '@/book/answers';
import { ecPenStateAt, phPenStateAt, type EcPenState, type PhPenState } from '@/core/drift';
import { assessEc, assessPh, judgeTank, type JudgedValue } from '@/core/readings';
import { factsAt, type Tank } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { ecTrackOf, phTrackOf } from './penTrack';

/** What held where and when a reading was taken. */
export interface ReadingContext {
  readonly atMs: number;
  readonly tank: Tank;
  /** As it is called now. */
  readonly tankName: string;
}

/** The tank as it was when the reading was taken; undefined when it is gone. */
export function readingContext(
  book: BookState,
  { body }: LiveRecord<'reading'>,
): ReadingContext | undefined {
  const record = book.record('tank', body.tankId);
  if (!record) return undefined;
  const atMs = Date.parse(body.takenAt);
  const tank = record.revisions.length === 1 ? record.body : factsAt(record.revisions, atMs);
  return { atMs, tank: tank ?? record.body, tankName: record.body.name };
}

/** What an EC reading is worth; undefined when it cannot be stated at 25 °C. */
export function judgeEc(
  book: BookState,
  { body }: LiveRecord<'reading'>,
  { tank, atMs }: ReadingContext,
  known?: EcPenState,
): JudgedValue | undefined {
  const pen = body.ec && book.record('pen', body.ec.penId)?.body.ec;
  if (!body.ec || !pen) return undefined;
  const assessed = assessEc({
    shown: body.ec.shown,
    tempC: body.tempC,
    pen: { ...pen, scale: body.ec.scale },
    state: known ?? ecPenStateAt(ecTrackOf(book, body.ec.penId), atMs),
    feedAlphaPerC: tank.alphaPerC,
  });
  return assessed.ok ? judgeTank(assessed.value, tank.ecBand) : undefined;
}

/** What a pH reading is worth; undefined when its pen is gone. */
export function judgePh(
  book: BookState,
  reading: LiveRecord<'reading'>,
  context: ReadingContext,
  known?: PhPenState,
): JudgedValue | undefined {
  const { body } = reading;
  const { tank, atMs } = context;
  const pen = body.ph && book.record('pen', body.ph.penId)?.body.ph;
  if (!body.ph || !pen) return undefined;
  const assessed = assessPh({
    shownPh: body.ph.shown,
    tempC: body.tempC,
    pen,
    state: known ?? phPenStateAt(phTrackOf(book, body.ph.penId), atMs),
  });
  return judgeTank(assessed, tank.phBand, judgeEc(book, reading, context)?.value);
}

/** A reading with its corrected values, judged by the band that held when it was taken. */
export function readingRow(
  book: BookState,
  reading: LiveRecord<'reading'>,
): ReadingRow | undefined {
  const { body, head } = reading;
  const context = readingContext(book, reading);
  if (!context) return undefined;
  const codeOf = (penId: string) => book.record('pen', penId)?.body.code ?? '?';
  const ec = judgeEc(book, reading, context);
  const ph = judgePh(book, reading, context);
  return {
    id: reading.id,
    revId: head.revId,
    tankId: body.tankId,
    tankName: context.tankName,
    atMs: context.atMs,
    by: head.by,
    tempC: body.tempC,
    volumeL: body.volumeL,
    note: body.note,
    ph: body.ph && ph && { judged: ph, shown: body.ph.shown, penCode: codeOf(body.ph.penId) },
    ec: body.ec && {
      judged: ec,
      shown: body.ec.shown,
      scale: body.ec.scale,
      penCode: codeOf(body.ec.penId),
    },
  };
}

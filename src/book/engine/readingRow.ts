import type { ReadingRow } from '@/book/answers';
import { ecPenStateAt, phPenStateAt } from '@/core/drift';
import { assessEc, assessPh, judgeTank, type JudgedValue } from '@/core/readings';
import { factsAt, type Tank } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { ecChecksOf, phChecksOf } from './penTrack';

/** What an EC reading is worth; undefined when it cannot be stated at 25 °C. */
function judgeEc(
  book: BookState,
  { body }: LiveRecord<'reading'>,
  { tank, atMs }: { tank: Tank; atMs: number },
): JudgedValue | undefined {
  const pen = body.ec && book.record('pen', body.ec.penId)?.body.ec;
  if (!body.ec || !pen) return undefined;
  const assessed = assessEc({
    shown: body.ec.shown,
    tempC: body.tempC,
    pen: { ...pen, scale: body.ec.scale },
    state: ecPenStateAt(ecChecksOf(book, body.ec.penId), atMs),
    feedAlphaPerC: tank.alphaPerC,
  });
  return assessed.ok ? judgeTank(assessed.value, tank.ecBand) : undefined;
}

/** What a pH reading is worth; undefined when its pen is gone. */
function judgePh(
  book: BookState,
  { body }: LiveRecord<'reading'>,
  { tank, atMs, ecMsPerCm }: { tank: Tank; atMs: number; ecMsPerCm: number | undefined },
): JudgedValue | undefined {
  const pen = body.ph && book.record('pen', body.ph.penId)?.body.ph;
  if (!body.ph || !pen) return undefined;
  const assessed = assessPh({
    shownPh: body.ph.shown,
    tempC: body.tempC,
    pen,
    state: phPenStateAt(phChecksOf(book, body.ph.penId), atMs),
  });
  return judgeTank(assessed, tank.phBand, ecMsPerCm);
}

/** A reading with its corrected values, judged by the band that held when it was taken. */
export function readingRow(
  book: BookState,
  reading: LiveRecord<'reading'>,
): ReadingRow | undefined {
  const { body, head } = reading;
  const record = book.record('tank', body.tankId);
  const atMs = Date.parse(body.takenAt);
  const tank = record && (factsAt(record.revisions, atMs) ?? record.body);
  if (!record || !tank) return undefined;
  const codeOf = (penId: string) => book.record('pen', penId)?.body.code ?? '?';
  const ec = judgeEc(book, reading, { tank, atMs });
  const ph = judgePh(book, reading, { tank, atMs, ecMsPerCm: ec?.value });
  return {
    id: reading.id,
    revId: head.revId,
    tankId: body.tankId,
    tankName: record.body.name,
    atMs,
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

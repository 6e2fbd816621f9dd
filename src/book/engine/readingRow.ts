import type { ReadingRow } from '@/book/answers';
import { ecPenStateAt, phPenStateAt, type EcPenState, type PhPenState } from '@/core/drift';
import { assessEc, assessPh, judgeTank, type JudgedValue } from '@/core/readings';
import { factsAt, type Tank } from '@/records';
import { bandsOf, ecShownOf, meanShown, phShownOf, type SampleBands } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { ecTrackOf, phTrackOf } from './penTrack';

/** What held where and when a reading was taken. */
export interface ReadingContext {
  readonly atMs: number;
  readonly tank: Tank;
  /** The bands of its kind of sample; a sample other than the tank may have none. */
  readonly bands: SampleBands;
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
  const held = tank ?? record.body;
  return { atMs, tank: held, bands: bandsOf(held, body.sampleKind), tankName: record.body.name };
}

/** What an EC reading is worth; undefined when it cannot be stated at 25 °C. */
export function judgeEc(
  book: BookState,
  { body }: LiveRecord<'reading'>,
  { tank, atMs, bands }: ReadingContext,
  known?: EcPenState,
): JudgedValue | undefined {
  const pen = body.ec && book.record('pen', body.ec.penId)?.body.ec;
  if (!body.ec || !pen) return undefined;
  const assessed = assessEc({
    ...ecShownOf(body.ec),
    tempC: body.tempC,
    pen: { ...pen, scale: body.ec.scale },
    state: known ?? ecPenStateAt(ecTrackOf(book, body.ec.penId), atMs),
    feedAlphaPerC: tank.alphaPerC,
  });
  return assessed.ok ? judgeTank(assessed.value, bands.ec) : undefined;
}

/** What a pH reading is worth; undefined when its pen is gone. */
export function judgePh(
  book: BookState,
  reading: LiveRecord<'reading'>,
  context: ReadingContext,
  known?: PhPenState,
): JudgedValue | undefined {
  const { body } = reading;
  const { atMs, bands } = context;
  const pen = body.ph && book.record('pen', body.ph.penId)?.body.ph;
  if (!body.ph || !pen) return undefined;
  const assessed = assessPh({
    ...phShownOf(body.ph),
    tempC: body.tempC,
    pen,
    state: known ?? phPenStateAt(phTrackOf(book, body.ph.penId), atMs),
  });
  return judgeTank(assessed, bands.ph, judgeEc(book, reading, context)?.value);
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
    sample: body.sampleKind,
    lab: body.lab,
    tankName: context.tankName,
    atMs: context.atMs,
    by: head.by,
    tempC: body.tempC,
    volumeL: body.volumeL,
    note: body.note,
    ph: body.ph &&
      ph && {
        judged: ph,
        shown: meanShown(body.ph),
        dips: 1 + (body.ph.repeats?.length ?? 0),
        penCode: codeOf(body.ph.penId),
        penId: body.ph.penId,
      },
    ec: body.ec && {
      judged: ec,
      shown: meanShown(body.ec),
      dips: 1 + (body.ec.repeats?.length ?? 0),
      scale: body.ec.scale,
      penCode: codeOf(body.ec.penId),
      penId: body.ec.penId,
    },
  };
}

import type { ReadingRow, ReadSide } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { stateAt, type PenState } from '@/core/drift';
import { assess, judgeTank, type JudgedValue, type ReadingInput } from '@/core/readings';
import type { Tank, PenId } from '@/records';
import { bandsOf, dipsShown, meanShown, type SampleBands } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { knownEc } from './knownEc';
import { repeatStdUOf, trackOf } from './penTrack';
import { tankHeldAt } from './tankHeld';

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
  const held = tankHeldAt(book, record, atMs);
  return { atMs, tank: held, bands: bandsOf(held, body.sampleKind), tankName: record.body.name };
}

/** What the core needs of one side of a reading; undefined when it was not read or its pen is gone. */
export function readingInput(
  book: BookState,
  { body }: LiveRecord<'reading'>,
  {
    quantity,
    context,
    state,
  }: { quantity: Quantity; context: ReadingContext; state?: PenState | undefined },
): ReadingInput | undefined {
  const side = body[quantity];
  const pen = side && book.record('pen', side.penId)?.body;
  const known =
    state ?? (side && stateOf(book, { penId: side.penId, quantity, atMs: context.atMs }));
  if (!side || !pen || !known) return undefined;
  const common = {
    shown: meanShown(side),
    dips: dipsShown(side),
    tempC: body.tempC,
    state: known,
    repeatStdU: repeatStdUOf(book, side.penId, quantity),
  };
  if (quantity === 'ph') return pen.ph ? { quantity, pen: pen.ph, ...common } : undefined;
  if (!pen.ec || !body.ec) return undefined;
  const feedAlphaPerC = context.tank.alphaPerC;
  return { quantity, pen: { ...pen.ec, scale: body.ec.scale }, feedAlphaPerC, ...common };
}

function stateOf(
  book: BookState,
  { penId, quantity, atMs }: { penId: PenId; quantity: Quantity; atMs: number },
): PenState | undefined {
  const track = trackOf(book, penId, quantity);
  return track && stateAt(track, atMs);
}

/** What one side of a reading is worth; undefined when it cannot be stated. */
export function judgeSide(
  book: BookState,
  reading: LiveRecord<'reading'>,
  of: { quantity: Quantity; context: ReadingContext; state?: PenState | undefined },
): JudgedValue | undefined {
  const input = readingInput(book, reading, of);
  const assessed = input && assess(input);
  if (!assessed?.ok) return undefined;
  const { quantity, context } = of;
  const ecMsPerCm =
    quantity === 'ph'
      ? (judgeSide(book, reading, { quantity: 'ec', context })?.value ??
        knownEc(book, { tankId: reading.body.tankId, ...context }))
      : undefined;
  return judgeTank(assessed.value, context.bands[quantity], ecMsPerCm);
}

/** A reading with its corrected values, judged by the band that held when it was taken. */
export function readingRow(
  book: BookState,
  reading: LiveRecord<'reading'>,
): ReadingRow | undefined {
  const { body, head } = reading;
  const context = readingContext(book, reading);
  if (!context) return undefined;
  const sideOf = (quantity: Quantity): ReadSide | undefined => {
    const side = body[quantity];
    return (
      side && {
        judged: judgeSide(book, reading, { quantity, context }),
        shown: meanShown(side),
        dips: 1 + (side.repeats?.length ?? 0),
        penCode: book.record('pen', side.penId)?.body.code ?? '?',
        penId: side.penId,
      }
    );
  };
  const [ph, ec] = [sideOf('ph'), sideOf('ec')];
  return {
    id: reading.id,
    revId: head.revId,
    tankId: body.tankId,
    sample: body.sampleKind,
    lab: body.lab,
    tankName: context.tankName,
    atMs: context.atMs,
    by: head.by,
    device: head.device,
    tempC: body.tempC,
    volumeL: body.volumeL,
    note: body.note,
    ph: ph?.judged && { ...ph, judged: ph.judged },
    ec: ec && body.ec && { ...ec, scale: body.ec.scale },
  };
}

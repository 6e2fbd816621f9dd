import type { PensDisagree } from '@/core/schedule';
import { SAME_SAMPLE_MS, disagreement } from '@/core/drift';
import type { Quantity } from '@/core/calibration';
import { assessQuick } from '@/core/readings';
import { SAMPLES } from '@/records/kinds';
import type { RecordId, PenId, TankId } from '@/records';
import { additionsOf } from './additions';
import type { BookState, LiveRecord } from './bookState';
import { readingContext, readingInput } from './readingRow';
import { newestReadings } from './readingsOf';

/** How many of a tank's newest readings are looked at. */
const NEWEST = 12;

interface Pair {
  readonly first: LiveRecord<'reading'>;
  readonly second: LiveRecord<'reading'>;
}

/** Readings of one sample by two pens within a quarter of an hour, nothing poured between. */
function pairsIn(book: BookState, tankId: TankId, quantity: Quantity): readonly Pair[] {
  const additions = additionsOf(book, tankId);
  return SAMPLES.flatMap((sample) => {
    const newest = newestReadings(book, { tankId, sample }, NEWEST).filter(
      ({ body }) => body[quantity],
    );
    return newest.slice(1).flatMap((first, at): Pair[] => {
      const second = newest[at]!;
      const [from, to] = [Date.parse(first.body.takenAt), Date.parse(second.body.takenAt)];
      const sameTime = to - from <= SAME_SAMPLE_MS;
      const samePen = first.body[quantity]!.penId === second.body[quantity]!.penId;
      const poured = additions.some(({ atMs }) => atMs > from && atMs <= to);
      return sameTime && !samePen && !poured ? [{ first, second }] : [];
    });
  });
}

function valueOf(book: BookState, reading: LiveRecord<'reading'>, quantity: Quantity) {
  const context = readingContext(book, reading);
  const input = context && readingInput(book, reading, { quantity, context });
  const read = input && assessQuick(input);
  if (!read?.ok || read.value.standing !== 'checked') return undefined;
  return { value: read.value.value, stdU: read.value.expandedU / 2 };
}

/** A pen that disagrees with another in a tank. */
interface Disagrees extends PensDisagree {
  readonly penId: PenId;
}

/** Which pens disagree in a tank by more than they are unsure: the less sure one, and its partner. */
function disagreeingIn(book: BookState, tankId: TankId, quantity: Quantity): readonly Disagrees[] {
  return book.remember(`disagree/${quantity}/${tankId}`, () =>
    pairsIn(book, tankId, quantity).flatMap(({ first, second }): Disagrees[] => {
      const [a, b] = [valueOf(book, first, quantity), valueOf(book, second, quantity)];
      const between = a && b && disagreement(a, b);
      if (!between?.tooLarge) return [];
      const [less, sure] = between.lessSure === 'first' ? [first, second] : [second, first];
      const withPenId = sure.body[quantity]!.penId;
      const atMs = Date.parse(second.body.takenAt);
      const withCode = book.record('pen', withPenId)?.body.code ?? '?';
      const penId = less.body[quantity]!.penId;
      return [{ penId, atMs, withCode, difference: Math.abs(between.difference) }];
    }),
  );
}

/** The newest disagreement of each pen, in whichever tank. */
function disagreements(book: BookState, quantity: Quantity): ReadonlyMap<RecordId, PensDisagree> {
  return book.remember(`disagree/${quantity}`, () => {
    const found = new Map<RecordId, PensDisagree>();
    for (const { id } of book.all('tank')) {
      for (const { penId, ...told } of disagreeingIn(book, id, quantity)) {
        const known = found.get(penId);
        if (!known || known.atMs < told.atMs) found.set(penId, told);
      }
    }
    return found;
  });
}

/** The newest disagreement that brings a pen's check forward. */
export const disagreementOf = (
  book: BookState,
  penId: PenId,
  quantity: Quantity,
): PensDisagree | undefined => disagreements(book, quantity).get(penId);

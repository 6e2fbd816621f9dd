import type { ForcingEvent } from '@/core/schedule';
import type { CareKind, PenId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { CARE_OF_SIDE } from './partsOfBook';

type Side = 'ph' | 'ec';

/** Which care or incident makes a check necessary. */
const FORCES: Readonly<Partial<Record<CareKind, ForcingEvent>>> = {
  clean: 'cleaned',
  cleanHeavy: 'cleaned',
  cleanOil: 'cleaned',
  newProbe: 'newProbe',
  battery: 'newBattery',
  knock: 'knock',
  dryOut: 'dryOut',
  pureWater: 'pureWater',
  wetElectronics: 'wetElectronics',
  weeksInFeed: 'weeksInFeed',
};

/** What moves a probe by a little nobody sees. */
const MOVES: readonly CareKind[] = [
  'clean',
  'cleanHeavy',
  'cleanOil',
  'soak',
  'wake',
  'battery',
  'dryOut',
  'pureWater',
  'knock',
  'wetElectronics',
  'weeksInFeed',
];

/** Of these, what befell it: marked in charts. */
const INCIDENTS: readonly CareKind[] = [
  'dryOut',
  'pureWater',
  'knock',
  'wetElectronics',
  'weeksInFeed',
];

/** A care event with its moment. */
export interface TimedCare {
  readonly record: LiveRecord<'careEvent'>;
  readonly atMs: number;
}

/** What was done to one side of a pen, or befell it, by time. */
export function careOf(book: BookState, penId: PenId, side: Side): readonly TimedCare[] {
  return book.remember(`care/${penId}/${side}`, () =>
    book
      .part(CARE_OF_SIDE, `${side}/${penId}`)
      .map((record) => ({ record, atMs: Date.parse(record.body.at) })),
  );
}

const momentsOf = (care: readonly TimedCare[], kinds: readonly CareKind[]) =>
  care.filter(({ record }) => kinds.includes(record.body.what)).map(({ atMs }) => atMs);

/** When a side was cleaned, soaked, knocked and the like. */
export const disturbancesOf = (book: BookState, penId: PenId, side: Side): readonly number[] =>
  momentsOf(careOf(book, penId, side), MOVES);

/** When it got new probes. */
export const probesMsOf = (book: BookState, penId: PenId, side: Side): readonly number[] =>
  momentsOf(careOf(book, penId, side), ['newProbe']);

/** What befell a side, and its new probes: the marks of its chart. */
export const incidentsMsOf = (book: BookState, penId: PenId, side: Side): readonly number[] =>
  momentsOf(careOf(book, penId, side), [...INCIDENTS, 'newProbe']);

/** Events that force a check, by time. */
export function forcingEvents(book: BookState, penId: PenId, side: Side) {
  return careOf(book, penId, side).flatMap(({ record, atMs }) => {
    const event = FORCES[record.body.what];
    return event ? [{ event, atMs }] : [];
  });
}

/** What lasts for a while and is no soak: drying, and the half hour in cleaner. */
const NO_SOAKS: readonly CareKind[] = ['wetElectronics', 'inCleaner'];

/** The soak that runs at `nowMs`, if any. */
export function runningSoak(book: BookState, penId: PenId, side: Side, nowMs: number) {
  return careOf(book, penId, side).findLast(
    ({ record, atMs }) =>
      record.body.until !== undefined &&
      !NO_SOAKS.includes(record.body.what) &&
      atMs <= nowMs &&
      Date.parse(record.body.until) > nowMs,
  );
}

/** What moved a side last, after everything that was read with it; undefined where nothing did. */
export function movedSince(
  book: BookState,
  { penId, side, sinceMs, nowMs }: { penId: PenId; side: Side; sinceMs: number; nowMs: number },
): TimedCare | undefined {
  return careOf(book, penId, side).findLast(
    ({ record, atMs }) => MOVES.includes(record.body.what) && atMs > sinceMs && atMs <= nowMs,
  );
}

/** Whether a pen was put away and not taken out since. */
export function isResting(book: BookState, penId: PenId, side: Side): boolean {
  const last = careOf(book, penId, side).findLast(
    ({ record }) => record.body.what === 'rest' || record.body.what === 'wake',
  );
  return last?.record.body.what === 'rest';
}

/** When the probe of a side was fitted: the newest `newProbe`, else when the pen was added. */
export function probeFittedMs(book: BookState, pen: LiveRecord<'pen'>, side: Side): number {
  const fitted = momentsOf(careOf(book, pen.id, side), ['newProbe']).at(-1);
  return fitted ?? Math.min(...pen.revisions.map((revision) => Date.parse(revision.at)));
}

/**
 * Since when a probe ages: since its own purchase, where its papers say that; the first probe of a pen
 * since the pen's; else since the day it was fitted. A day of purchase after that is a slip and ignored.
 */
export function probeBornMs(book: BookState, pen: LiveRecord<'pen'>, side: Side): number {
  const fittedMs = probeFittedMs(book, pen, side);
  const own = book
    .all('probe')
    .filter(({ body }) => body.penId === pen.id && body.side === side)
    .find(({ body }) => Date.parse(body.fittedAt) === fittedMs);
  const bought = own ? own.body.boughtAt : pen.body.papers?.boughtOn;
  const isFirst = momentsOf(careOf(book, pen.id, side), ['newProbe']).length === 0;
  const boughtMs = own || isFirst ? Date.parse(bought ?? '') : NaN;
  return boughtMs <= fittedMs ? boughtMs : fittedMs;
}

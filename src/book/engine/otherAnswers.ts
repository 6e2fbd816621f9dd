import { DAY_MS, HOUR_MS } from '@/core/units';
import type { BenchAnswer, LotAnswer, SettingsAnswer } from '@/book/answers';
import { EXPECTED_LIFE_DAYS } from '@/core/drift';
import { calibrationsLeft, lotState } from '@/core/lots';
import { ABOVE_BRACKET_PH, isFarPastAge } from '@/core/procedure';
import { BOOK_SETTINGS_ID, settingSchema, type Lot, type Pen, type PenId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { liquidsOf } from './liquidsOf';
import { penAnswer } from './penAnswers';
import { movedSince, probeBornMs } from './penCare';
import { sessionsOf } from './penTrack';
import { lastUseOf, usesAboveOf } from './penUse';

/** How far back the range of a pen's readings is looked at, days. */
const RANGE_DAYS = 60;

const msOf = (instant: string | undefined) =>
  instant === undefined ? undefined : Date.parse(instant);

/** A lot as the core takes it. */
const factsOf = (body: Lot) => ({
  ...body,
  expiresAtMs: msOf(body.expiresAt),
  openedAtMs: msOf(body.openedAt),
});

/** A lot's state from its record. */
const stateOf = (body: Lot, nowMs: number) => lotState(factsOf(body), nowMs);

/** How many more sittings of a pen's side the Shelf allows. */
function sittingsLeft(
  book: BookState,
  pen: Pen,
  { quantity, nowMs }: { quantity: 'ph' | 'ec'; nowMs: number },
): number | undefined {
  const cups = liquidsOf(pen, quantity);
  const lots = book.all('lot').map(({ body }) => factsOf(body));
  return calibrationsLeft(cups, lots, nowMs);
}

/** The Shelf: buffers by value, then standards, then the rest. */
export function shelfAnswer(book: BookState, nowMs: number): readonly LotAnswer[] {
  const order = ['buffer', 'ecStandard', 'storage', 'cleaner'];
  return [...book.all('lot')]
    .sort(
      (a, b) =>
        order.indexOf(a.body.kind) - order.indexOf(b.body.kind) ||
        (a.body.nominal ?? 0) - (b.body.nominal ?? 0) ||
        (a.id < b.id ? -1 : 1),
    )
    .map(({ id, head, body }) => ({ id, revId: head.revId, body, state: stateOf(body, nowMs) }));
}

/** What was done to a side since it was last read or checked: as found then tells of that, not of before. */
function movedSinceUse(
  book: BookState,
  penId: PenId,
  side: 'ph' | 'ec',
  nowMs: number,
): BenchAnswer['movedSince'] {
  const used = lastUseOf(book, penId, side) ?? -Infinity;
  const checked = sessionsOf(book, penId, side).at(-1)?.atMs ?? -Infinity;
  const moved = movedSince(book, { penId, side, sinceMs: Math.max(used, checked), nowMs });
  return moved && { what: moved.record.body.what, atMs: moved.atMs };
}

/** The temperature of cups that still stand from a check within the hour, of whichever pen or side. */
function cupsStanding(book: BookState, nowMs: number): number | undefined {
  const newest = book
    .all('session')
    .map(({ body }) => ({ tempC: body.plan.tempC, atMs: Date.parse(body.finishedAt) }))
    .filter(({ atMs }) => atMs <= nowMs && nowMs - atMs < HOUR_MS)
    .sort((a, b) => b.atMs - a.atMs)[0];
  return newest?.tempC;
}

/** What bears on a pH check besides: tanks above what two cups bracket, a probe far past its life. */
function phSideTold(
  book: BookState,
  pen: LiveRecord<'pen'>,
  nowMs: number,
): Pick<BenchAnswer, 'ranAbove' | 'isFarPastAge'> {
  const lifeDays = pen.body.expectedLifeDays ?? EXPECTED_LIFE_DAYS;
  const ageDays = (nowMs - probeBornMs(book, pen, 'ph')) / DAY_MS;
  return {
    ranAbove: usesAboveOf(book, pen.id, {
      abovePh: ABOVE_BRACKET_PH,
      fromMs: nowMs - RANGE_DAYS * DAY_MS,
    }),
    isFarPastAge: isFarPastAge(ageDays, lifeDays),
  };
}

/** What the Bench needs for one side of a pen. */
export function benchAnswer(
  book: BookState,
  { penId, quantity, nowMs }: { penId: PenId; quantity: 'ph' | 'ec'; nowMs: number },
): BenchAnswer | null {
  const pen = book.record('pen', penId);
  if (!pen) return null;
  const draft = book
    .all('benchDraft')
    .find(({ body }) => body.penId === penId && body.quantity === quantity);
  return {
    pen: penAnswer(book, pen, nowMs),
    lots: shelfAnswer(book, nowMs),
    sittingsLeft: sittingsLeft(book, pen.body, { quantity, nowMs }),
    draft: draft && { id: draft.id, revId: draft.head.revId, body: draft.body },
    cupsTempC: cupsStanding(book, nowMs),
    hasReadings: lastUseOf(book, penId, quantity) !== undefined,
    movedSince: movedSinceUse(book, penId, quantity, nowMs),
    ...(quantity === 'ph' ? phSideTold(book, pen, nowMs) : {}),
  };
}

/** Settings and people. */
export function settingsAnswer(book: BookState): SettingsAnswer {
  const record = book.record('setting', BOOK_SETTINGS_ID);
  return {
    settings: record?.body ?? settingSchema.parse({}),
    revId: record?.head.revId,
    people: book.all('person').map(({ id, head, body }) => ({ id, revId: head.revId, body })),
  };
}

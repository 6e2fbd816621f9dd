import { HOUR_MS } from '@/core/units';
import type { BenchAnswer, LotAnswer, SettingsAnswer } from '@/book/answers';
import { calibrationsLeft, lotState } from '@/core/lots';
import { BOOK_SETTINGS_ID, settingSchema, type Lot, type Pen, type RecordId } from '@/records';
import type { BookState } from './bookState';
import { penAnswer } from './penAnswers';
import { movedSince } from './penCare';
import { sessionsOf } from './penTrack';
import { usesOf } from './penUse';

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
  { ph, ec }: Pen,
  { quantity, nowMs }: { quantity: 'ph' | 'ec'; nowMs: number },
): number | undefined {
  const cups =
    quantity === 'ph'
      ? (ph?.cupsPh ?? []).map((nominal) => ({ kind: 'buffer' as const, nominal }))
      : ec
        ? [{ kind: 'ecStandard' as const, nominal: ec.standardMsPerCm }]
        : [];
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
  penId: RecordId,
  side: 'ph' | 'ec',
  nowMs: number,
): BenchAnswer['movedSince'] {
  const used = usesOf(book, penId, side).at(-1) ?? -Infinity;
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

/** What the Bench needs for one side of a pen. */
export function benchAnswer(
  book: BookState,
  { penId, quantity, nowMs }: { penId: RecordId; quantity: 'ph' | 'ec'; nowMs: number },
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
    movedSince: movedSinceUse(book, penId, quantity, nowMs),
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

import type { AmendEffects } from '@/book/answers';
import {
  idSource,
  writeChange,
  type Change,
  type RecordId,
  type PenId,
  type TankId,
  type ReadingId,
} from '@/records';
import { BookState } from './bookState';
import { doseAnswer } from './doseAnswer';
import { ecDoseAnswer } from './ecDoseAnswer';
import { lastTold } from './entryAbout';
import { pensAnswer } from './penAnswers';
import { readingRow } from './readingRow';

/** The same book with these changes in it, written now. */
function changed(book: BookState, changes: readonly Change[], nowMs: number): BookState {
  const other = new BookState();
  other.apply(book.revisions());
  other.setNow(nowMs);
  const makeId = idSource();
  for (const change of changes) {
    const parents = change.recordId ? other.headIds(change.recordId) : [];
    const writer = { makeId, nowMs, zone: 'UTC', by: '', device: '' };
    other.apply(writeChange({ ...change, parents }, writer) as never);
  }
  return other;
}

interface Named {
  readonly tankId?: TankId;
  readonly penId?: PenId;
  readonly ph?: { readonly penId?: PenId } | null;
  readonly ec?: { readonly penId?: PenId } | null;
}

/** The pens and tanks the changed entries name, before or after. */
function namedBy(book: BookState, changes: readonly Change[]) {
  const bodies = changes.flatMap(({ recordId, body }) => [
    body as Named | null,
    (recordId ? lastTold(book, recordId) : undefined) as Named | undefined,
  ]);
  const all = (of: (body: Named) => readonly (string | undefined)[]) =>
    new Set(bodies.flatMap((body) => (body ? of(body) : [])).flatMap((id) => id ?? []));
  return {
    // A reading names its pens, but says nothing about them.
    pens: all(({ penId }) => [penId]),
    tanks: all(({ tankId }) => [tankId]),
  };
}

/** What a reading says on screen: its values, their ± and verdicts. */
function saysOf(book: BookState, id: ReadingId): string {
  const record = book.record('reading', id);
  const row = record && readingRow(book, record);
  const sides = [row?.ph?.judged, row?.ec?.judged].map(
    (judged) =>
      judged && [judged.value.toFixed(2), judged.budget.expandedU.toFixed(2), judged.verdict],
  );
  return JSON.stringify(sides);
}

/**
 * What else says something else once these changes are in the book: readings other than the changed
 * entry (value or ± by a hundredth, or verdict), tanks whose dose is worked out otherwise, pens whose
 * word or date moves, lots whose amount does.
 */
export function amendEffects(
  book: BookState,
  changes: readonly Change[],
  nowMs: number,
): AmendEffects {
  const other = changed(book, changes, nowMs);
  const own = new Set(changes.map(({ recordId }) => recordId));
  const { pens, tanks } = namedBy(book, changes);
  const touched = book
    .all('reading')
    .filter(
      ({ id, body }) =>
        !own.has(id) && (pens.has(body.ph?.penId ?? '') || pens.has(body.ec?.penId ?? '')),
    );
  const moved = touched.filter(({ id }) => saysOf(book, id) !== saysOf(other, id));
  const tanksNear = new Set([...tanks, ...moved.map(({ body }) => body.tankId)]);
  const plan = (state: BookState, id: TankId) =>
    JSON.stringify([doseAnswer(state, id, nowMs), ecDoseAnswer(state, id, nowMs)]);
  const plans = [...tanksNear].filter((id) => plan(book, id) !== plan(other, id));
  const wordOf = (state: BookState) =>
    new Map(
      pensAnswer(state, nowMs).map(({ id, body, word, sides }) => [
        id,
        {
          code: body.code,
          says: JSON.stringify([word, sides.map(({ dueAtMs, leftOut }) => [dueAtMs, leftOut])]),
        },
      ]),
    );
  const after = wordOf(other);
  return {
    readings: moved.length,
    plans: plans.length,
    pens: [...wordOf(book)].flatMap(([id, { code, says }]) =>
      after.get(id)?.says === says ? [] : [code],
    ),
    lots: changes.filter(({ kind, recordId }) => kind === 'lot' && !isFirst(changes, recordId))
      .length,
  };
}

/** Whether a record is the entry itself, and not what follows from it. */
const isFirst = (changes: readonly Change[], id: RecordId | undefined) =>
  changes[0]?.recordId === id;

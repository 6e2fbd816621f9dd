import type { EraseAnswer, EraseWish } from '@/book/answers';
import { mayErase } from '@/core/retention';
import { erasedAmong, eventMs, type Kind } from '@/records';
import { settingSchema, type Erasure } from '@/records/kinds';
import type { BookState } from './bookState';

/** Kinds that tell of something that happened; pens, tanks, lots and people stay. */
const ERASABLE: readonly Kind[] = [
  'reading',
  'session',
  'addition',
  'jarTest',
  'careEvent',
  'controlReading',
  'comparison',
  'skip',
  'standing',
  'benchDraft',
  'intake',
];

const keepYearsOf = (book: BookState): number =>
  (book.all('setting')[0]?.body ?? settingSchema.parse({})).keepYears;

/** The latest moment before which everything may be erased: so many calendar years ago. */
function latestErasableMs(nowMs: number, keepYears: number): number {
  const latest = new Date(nowMs);
  latest.setUTCFullYear(latest.getUTCFullYear() - keepYears);
  // A leap day more or less: the core says from when a record may go.
  while (!mayErase(latest.getTime(), nowMs, keepYears)) latest.setUTCDate(latest.getUTCDate() - 1);
  return latest.getTime();
}

/** Thrown where something is to be erased that is still to be kept. */
class StillKept extends Error {
  override readonly name = 'StillKept';
}

/** The erasure a wish comes to. Throws `StillKept` for anything that must be kept yet. */
export function erasureOf(book: BookState, wish: EraseWish, nowMs: number): Erasure {
  if (wish.untilMs > latestErasableMs(nowMs, keepYearsOf(book)))
    throw new StillKept('It must be kept longer than that.');
  return {
    at: new Date(nowMs).toISOString(),
    why: 'asked',
    kinds: [...ERASABLE],
    until: new Date(wish.untilMs).toISOString(),
    ...(wish.fromMs === undefined ? {} : { from: new Date(wish.fromMs).toISOString() }),
    ...(wish.tankId === undefined ? {} : { tankId: wish.tankId }),
    ...(wish.penId === undefined ? {} : { penId: wish.penId }),
    count: 0,
    note: '',
  };
}

function aboutOf(book: BookState, { tankId, penId }: Erasure): string {
  if (tankId !== undefined) return book.record('tank', tankId)?.body.name ?? '';
  return penId === undefined ? '' : (book.record('pen', penId)?.body.code ?? '');
}

/** When the oldest of what could ever be let go of happened, epoch ms; null where there is none. */
function oldestOf(book: BookState): number | null {
  let oldest = Number.POSITIVE_INFINITY;
  for (const kind of ERASABLE)
    for (const { head } of book.all(kind)) oldest = Math.min(oldest, eventMs(head));
  return Number.isFinite(oldest) ? oldest : null;
}

/** What a wish would let go of, how long entries are kept, and what was let go of before. */
export function eraseAnswer(book: BookState, wish: EraseWish, nowMs: number): EraseAnswer {
  const keepYears = keepYearsOf(book);
  const latestMs = latestErasableMs(nowMs, keepYears);
  const untilMs = Math.min(wish.untilMs, latestMs);
  const gone = erasedAmong(book.records(), [erasureOf(book, { ...wish, untilMs }, nowMs)]);
  const counts = new Map<Kind, number>();
  for (const id of gone) {
    const kind = book.revisionsOf(id)[0]!.kind;
    counts.set(kind, (counts.get(kind) ?? 0) + 1);
  }
  return {
    keepYears,
    latestMs,
    oldestMs: oldestOf(book),
    count: gone.size,
    byKind: [...counts].map(([kind, count]) => ({ kind, count })),
    done: book
      .all('erasure')
      .map(({ id, body }) => ({
        id,
        atMs: Date.parse(body.at),
        fromMs: body.from === undefined ? undefined : Date.parse(body.from),
        untilMs: Date.parse(body.until),
        count: body.count,
        thinned: body.why === 'thinned',
        about: aboutOf(book, body),
      }))
      .sort((a, b) => b.atMs - a.atMs),
  };
}

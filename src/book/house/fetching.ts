import { checkWhole } from '@/interchange/bundle';
import { readPiece, type Piece } from '@/interchange/exchange';
import type { Revision } from '@/records';
import type { StoragePort } from '@/records/storage/port';
import { waitForAll } from '@/records/storage/waiting';
import { erasuresIn, withoutErased } from '../withoutErased';
import type { Came } from './houseCalls';
import type { ExchangedBook } from './exchangedBook';
import { changeHouse, UNREAD_PREFIX, type HouseState } from './houseState';

/** What some pieces came to. */
interface Sorted {
  readonly revisions: readonly Revision[];
  readonly unread: readonly Piece[];
  readonly damaged: number;
}

/** Those of a piece that this book lacks; undefined where the piece does not hold together with it. */
function freshOf(book: ExchangedBook, revisions: readonly Revision[]) {
  const { state } = book;
  const whole = checkWhole(
    revisions,
    (id) => state.revisionsOf(id),
    (revId) => state.recordOf(revId),
  );
  if (!whole.ok) return undefined;
  return revisions.filter(({ revId }) => state.recordOf(revId) === undefined);
}

/** Reads pieces, each whole or not at all. */
function sorted(book: ExchangedBook, pieces: readonly Piece[]): Sorted {
  const revisions = new Map<string, Revision>();
  const unread: Piece[] = [];
  let damaged = 0;
  for (const piece of pieces) {
    const read = readPiece(piece);
    const fresh = read.state === 'sound' ? freshOf(book, read.revisions) : undefined;
    if (read.state === 'newer') unread.push(piece);
    else if (fresh) fresh.forEach((one) => revisions.set(one.revId, one));
    else damaged += 1;
  }
  return { revisions: [...revisions.values()], unread, damaged };
}

async function takeIn(book: ExchangedBook, pieces: readonly Piece[], nowMs: number) {
  // Nothing can be held against half a book.
  if (pieces.length > 0) await book.whole();
  const found = sorted(book, pieces);
  // What is erased is not even written, whether it was erased before or by what came with it.
  const erasures = [...book.erasures(), ...erasuresIn(found.revisions)];
  const kept = withoutErased(found.revisions, erasures);
  if (kept.length > 0) await book.takeFromHouse(kept, nowMs);
  return found;
}

/** Takes in what came, and then remembers how far it got: what is taken in twice is taken in once. */
export async function takeArrivals(
  book: ExchangedBook,
  port: StoragePort,
  { came, state, nowMs }: { came: Came; state: HouseState; nowMs: number },
): Promise<void> {
  const { damaged, unread } = await takeIn(book, came.pieces, nowMs);
  const isOther = state.book !== '' && state.book !== came.book;
  await changeHouse(
    port,
    (before) => ({
      book: came.book,
      cursor: came.cursor,
      lost: came.lost,
      damaged: before.damaged + damaged,
    }),
    async (within) => {
      for (const { sha256, body } of unread) await within.set(UNREAD_PREFIX + sha256, body);
      // The house lost something, or began anew: it may lack what was told to it before.
      if (came.begunAnew || came.lost > state.lost || isOther) await waitForAll(within);
    },
  );
}

/** Takes in pieces that a newer version wrote, once this one is that version. */
export async function readUnread(
  book: ExchangedBook,
  port: StoragePort,
  nowMs: number,
): Promise<void> {
  const held = await port.inOneGo('read', (within) => within.entries(UNREAD_PREFIX));
  const pieces = held.map(([key, value]) => {
    return { sha256: key.slice(UNREAD_PREFIX.length), body: String(value) };
  });
  const readable = pieces.filter((piece) => readPiece(piece).state !== 'newer');
  if (readable.length === 0) return;
  const { damaged } = await takeIn(book, readable, nowMs);
  await changeHouse(
    port,
    (before) => ({ damaged: before.damaged + damaged }),
    async (within) => {
      for (const { sha256 } of readable) await within.remove(UNREAD_PREFIX + sha256);
    },
  );
}

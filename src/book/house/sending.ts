import { ASKED_AT_ONCE, PIECE_MAX_BYTES, piecesOf, type Piece } from '@/interchange/exchange';
import { answer, refuse, type Result } from '@/core/result';
import type { Revision } from '@/records';
import type { StoragePort } from '@/records/storage/port';
import { readWaiting, toldWaiting } from '@/records/storage/waiting';
import { withoutErased } from '../withoutErased';
import type { ExchangedBook } from './exchangedBook';
import type { HouseCalls, HouseTrouble } from './houseCalls';
import { changeHouse } from './houseState';

/** Of the whole book, what the house has not got. */
async function lackedByHouse(
  calls: HouseCalls,
  token: string,
  revisions: readonly Revision[],
): Promise<Result<readonly Revision[], HouseTrouble>> {
  const lacked: Revision[] = [];
  for (let at = 0; at < revisions.length; at += ASKED_AT_ONCE) {
    const some = revisions.slice(at, at + ASKED_AT_ONCE);
    const told = await calls.unknown(
      token,
      some.map(({ revId }) => revId),
    );
    if (!told.ok) return told;
    const unknown = new Set(told.value);
    for (const one of some) if (unknown.has(one.revId)) lacked.push(one);
  }
  return answer(lacked);
}

const isTooLarge = ({ body }: Piece) => new TextEncoder().encode(body).length > PIECE_MAX_BYTES;

/**
 * Tells the house what waits. What was told waits no longer; where the house is gone half-way, the rest
 * waits on. A piece that the house refuses is counted, and nothing else waits for it.
 */
export async function sendWaiting(
  book: ExchangedBook,
  port: StoragePort,
  { calls, token }: { calls: HouseCalls; token: string },
): Promise<Result<null, HouseTrouble>> {
  const waiting = await readWaiting(port);
  if (waiting.held.length === 0) return answer(null);
  if (waiting.all) await book.whole();
  const lacked = waiting.all
    ? await lackedByHouse(calls, token, [...book.state.revisions()])
    : answer(withoutErased(waiting.revisions, book.erasures()));
  if (!lacked.ok) return lacked;
  let refused = 0;
  for (const piece of piecesOf(lacked.value)) {
    const told = isTooLarge(piece) ? refuse('refused' as const) : await calls.bring(token, piece);
    if (told.ok) continue;
    if (told.refusal !== 'refused') return told;
    refused += 1;
  }
  await changeHouse(
    port,
    (before) => ({ refused: before.refused + refused }),
    (within) => toldWaiting(within, waiting.held),
  );
  return answer(null);
}

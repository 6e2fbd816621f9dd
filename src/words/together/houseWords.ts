import { DAY_MS } from '@/core/units';
import type { HouseStatus, HouseTrouble } from '@/book/client';
import { ago, counted } from '@/words';

/** Why the house was not met, and what helps. */
export const HOUSE_TROUBLE: Readonly<Record<HouseTrouble, string>> = {
  away: 'The house does not answer now. What is written here waits on this device.',
  off: 'The exchange of the house is off. What is written here waits on this device.',
  revoked: 'This device was taken off the list of the house. Pair it again to swap entries.',
  nobody: 'The house does not know this device any more. Pair it again to swap entries.',
  slower: 'That was too much in a minute. It goes on by itself.',
  full: 'The disk of the house’s computer is full. What is written here waits on this device.',
  wrong:
    'This code is wrong, or it was used or is over. Look at the computer for the one that holds.',
  locked: 'Five wrong codes came. Wait a minute; the computer then shows a new one.',
  refused: 'The house refused this. Update Zolder on its computer.',
  here: 'What came could not be kept on this device. Is its disk full?',
};

/** What waits: "nothing waiting", "3 acts waiting". */
function waitingLine({ waiting }: HouseStatus): string {
  if (waiting === 'all') return 'the whole book is still to be compared';
  return waiting === 0 ? 'nothing waiting' : `${counted(waiting, 'save')} waiting`;
}

/** "Met the house 4 min ago; nothing waiting." */
export function metLine(status: HouseStatus, nowMs: number): string {
  const { lastMetMs } = status;
  const met = lastMetMs === null ? 'Not met yet' : `Met the house ${ago(lastMetMs, nowMs)}`;
  return `${met}; ${waitingLine(status)}.`;
}

/** A house that has much waiting for it may be away so long before that is said on every screen, ms. */
const AWAY_IS_SAID_MS = DAY_MS;

/** Troubles that do not pass by themselves. */
const LASTING: readonly HouseTrouble[] = ['revoked', 'nobody', 'full', 'here'];

/** What every screen says of the exchange: a trouble that lasts; nothing where all is well. */
export function houseAlarm(status: HouseStatus, nowMs: number): string | undefined {
  if (!status.paired) return undefined;
  const { trouble, lastMetMs, waiting } = status;
  if (trouble && LASTING.includes(trouble)) return HOUSE_TROUBLE[trouble];
  const isLong = waiting !== 0 && lastMetMs !== null && nowMs - lastMetMs > AWAY_IS_SAID_MS;
  return isLong ? metLine(status, nowMs) : houseNotes(status)[0];
}

/** What else is to be known; nothing where all is well. */
export function houseNotes({ unread, refused, damaged }: HouseStatus): readonly string[] {
  return [
    unread > 0 ? 'Some entries from a newer Zolder wait until this one is updated.' : '',
    refused > 0 ? 'Some entries of this book were refused by the house.' : '',
    damaged > 0 ? 'Some entries from the house could not be understood.' : '',
  ].filter(Boolean);
}

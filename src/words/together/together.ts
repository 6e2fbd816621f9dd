import { DAY_MS } from '@/core/units';
import type { HouseStatus, HouseTrouble } from '@/book/client';
import { ago, counted } from '@/words';

/** Settings → Together: one book on several phones. */
export const togetherSays = {
  title: 'Together',
  lead: 'Phones that are paired swap their entries through the house’s computer, each minute. Nothing leaves the house.',
  inDemo: 'The demo is never exchanged. Open your own book first.',
  looking: 'Looking for the computer of the house',
  away: 'The house’s computer does not answer here. Come near it, in its network.',
  off: 'The exchange is off. Switch it on at the computer, on the page that helps. Or start it there with:',
  command: 'npm start -- --phones --exchange',
  name: 'Name of this device',
  nameHint: 'Others see it in the list of devices.',
  nameMissing: 'A name is needed.',
  code: 'Code the computer shows',
  codeHint: 'Six digits. They hold for five minutes and once.',
  codeWrong: 'The code has six digits.',
  pair: 'Pair this device',
  pairing: 'Asking the computer',
  notKept: 'Not done: this device could not keep it. Is its storage full?',
  union: 'The book on this device stays. What others have written comes to it.',
  meetNow: 'Meet the house now',
  devices: 'Devices of the house',
  listIsOld: 'The house cannot be asked now; its list may have changed.',
  thisDevice: 'this device',
  pairedOn: (day: string) => `paired ${day}`,
  lastMet: (when: string) => `last met ${when}`,
  takeOff: 'Take off the list',
  takeOffNamed: (name: string) => `Take ${name} off the list`,
  takeOffReally: (name: string) =>
    `${name} gets nothing more from the house. What it has already stays on it.`,
  keep: 'Keep it',
  leave: 'Leave the house',
  leaveReally: 'This device keeps its book and swaps no more entries.',
  leftUnheard:
    'This device has left. The house could not be told: take this device off its list from another one.',
  stay: 'Stay',
  whose: 'Who holds this device is chosen in Settings; it stands beside all that is written.',
} as const;

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

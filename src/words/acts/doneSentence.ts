import type { Done, DoneTo, PlainlyDone } from '@/acts';

const PLAIN: Readonly<Record<PlainlyDone, string>> = {
  checkDiscarded: 'The check was discarded.',
  checkBegunAnew: 'The check was begun anew.',
  settingChanged: 'The setting is changed.',
  probeFitted: 'The new probe is in the book.',
  booked: 'It is in the book.',
  soakOver: 'The soak is over.',
  compared: 'The comparison is in the book.',
  controlRead: 'The control is in the book.',
  pouredForEc: 'What was poured is in the book.',
  waterToppedUp: 'The top-up is in the book.',
  waterChanged: 'The whole change is in the book.',
  waterDrained: 'What was drained is in the book.',
  doseLeftOut: 'That dose is left out.',
  doseCounts: 'That dose counts again.',
  tookWhatFits: 'Planned from what fits now.',
  mixed: 'Mixed. Read it now.',
  passedBy: 'Passed by for today.',
  lotChanged: 'The lot is changed.',
  lotAdded: 'The lot is on the Shelf.',
  usedUp: 'It is used up.',
  opened: 'Opened today.',
  lotRemoved: 'The lot is off the Shelf.',
  sachetsMixed: 'What was mixed is on the Shelf.',
  ordered: 'The order is changed.',
};

const NAMED: Readonly<Record<DoneTo, (name: string) => string>> = {
  added: (name) => `${name} is added.`,
  changed: (name) => `${name} is changed.`,
  checked: (pen) => `The check of ${pen} is in the book.`,
  foundKept: (pen) => `What ${pen} showed was booked for that time.`,
  penGone: (pen) => `${pen} is no longer here. Its records stay.`,
  penBack: (pen) => `${pen} is here again. Check it before it is used.`,
  penPutAway: (pen) => `${pen} is put away.`,
  profileKept: (title) => `${title} is kept as a profile.`,
  tankRetired: (tank) => `${tank} is out of use.`,
  tankBack: (tank) => `${tank} is back in use.`,
  learnedForgotten: (tank) => `What ${tank} taught is forgotten.`,
  tableTaken: (file) => `${file} is in the book.`,
};

/** What an act did, in one short sentence. */
export function doneSentence(done: Done): string {
  switch (done.what) {
    case 'setUp':
      return `${done.pen} and ${done.tank} are in the book.`;
    case 'poured':
      return `${done.amount} of ${done.product} is in the book.`;
    case 'pouredByJar':
      return `Jar test and ${done.amount} of ${done.product} are in the book.`;
    case 'standing':
      return `The sample stands for ${done.minutes} min.`;
    case 'amended':
      return `The entry is amended. ${done.told}`;
    case 'voided':
      return `The entry is voided. ${done.told}`;
    default:
      return 'name' in done ? NAMED[done.what](done.name) : PLAIN[done.what];
  }
}

import { counted } from '../counted';
import type { Told } from '../told';

/** One pen. */
export const penSays = {
  care: 'Care',
  checkSide: (side: string) => `Check ${side}`,
  changeThePen: 'Change the pen',
  lookBackAt: (readings: string) => `Look back: ${readings}`,
  checkBothEcFirst: 'Check both, EC first',
  checkBothPhFirst: 'Check both, pH first',
  compare: 'Compare with another pen',
  printChecks: 'Its record on paper',
  probes: 'Probes',
  soakIsOver: 'The soak is over',
  penLeaves: 'This pen leaves',
  leavingMeans:
    'It is then not offered any more, and nothing is due. Its records stay, and one press brings it back.',
  itIs: { lost: 'It is lost', sold: 'It is sold or given away', broken: 'It is broken' },
  putAway: 'It is put away for long',
  bringBack: 'It is here again',
  noLongerHere: 'No longer here',
  goneSince: (why: string, day: string) => `${why} since ${day}.`,
  withTolerance: (line: string, limit: string) => `${line}; tolerance ${limit}.`,
  toleranceAndSchool: (limit: string, school: string) =>
    `tolerance ${limit} (${school}); every reading is corrected by this`,
  plusMinusPh: (margin: string) => `± ${margin} pH`,
  limitEven: (margin: string, unit: string) => `± ${margin} ${unit}`,
  limitBetween: ({ below, above, unit }: Told<'below' | 'above' | 'unit'>) =>
    `−${below} to +${above} ${unit}`,
  ofError: (side: string) => `of the ${side} error`,
  onlyMakersAccuracy: 'Only the maker’s accuracy is known so far.',
  checks: 'Checks',
  noCheckYet: 'No check yet. The first one takes about two minutes for each cup.',
  keptUntil: (dayMonthYear: string) =>
    `Records of checks are kept three years at least: the oldest here until ${dayMonthYear}.`,
  checkLine: ({ moment, side, temp, state }: Told<'moment' | 'side' | 'temp' | 'state'>) =>
    `${moment} · ${side} at ${temp} ${state}`,
  showedErrors: (texts: string) => `The pen showed ${texts}.`,
  lookBack: 'Look back',
  lookBackFrom: (atMs: string, side: string) => `Look back from ${atMs}, ${side}`,
  accuracyEc: (accuracyMsPerCm: string) => `± ${accuracyMsPerCm} mS/cm`,
  makerStates: (worth: string) =>
    `Its maker states ${worth}. A probe ages on a shelf too, so Zolder counts with more until the first check. Check it soon.`,
  beforeItsFirstUse: 'Before its first use.',
  firstSoakHint: (hours: number) =>
    `Put a new pH probe in storage solution for ${counted(hours, 'hour')} first, with the tip covered. White crystals round its cap are dried salt: warm water takes them off. A cracked bulb goes back to the dealer.`,
  startFirstSoak: (hours: number) => `Start its first soak, ${hours} h`,
  adjustedByMaker: (day: string) => `${day} · adjusted by its factory or dealer`,
} as const;

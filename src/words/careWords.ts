import { clock, shortDay } from './when';

/** What can be done to a pen or befall it; the names of the records. */
export type CareName =
  | 'clean'
  | 'inCleaner'
  | 'cleanHeavy'
  | 'cleanOil'
  | 'soak'
  | 'capTopUp'
  | 'stopGap'
  | 'rest'
  | 'wake'
  | 'battery'
  | 'oRing'
  | 'newProbe'
  | 'dryOut'
  | 'pureWater'
  | 'knock'
  | 'wetElectronics'
  | 'weeksInFeed';

/** Each in a few words, as the Book tells it. */
export const CARE_WORD: Readonly<Record<CareName, string>> = {
  clean: 'cleaned',
  inCleaner: 'put into cleaner',
  cleanHeavy: 'cleaned of stubborn dirt',
  cleanOil: 'cleaned of oil',
  soak: 'put into its soak',
  capTopUp: 'cap topped up',
  stopGap: 'capped without storage solution',
  rest: 'put away to rest',
  wake: 'taken out of its rest',
  battery: 'new battery',
  oRing: 'o-ring looked after',
  newProbe: 'new probe fitted',
  dryOut: 'had dried out',
  pureWater: 'had stood in pure water',
  knock: 'had a knock',
  wetElectronics: 'got wet inside',
  weeksInFeed: 'had stood in feed for weeks',
};

/** Until when it lasts, where it lasts. */
export function careDetail({ until }: { readonly until?: string | undefined }): string {
  if (until === undefined) return '';
  const ms = Date.parse(until);
  return `until ${shortDay(ms)} ${clock(ms)}`;
}

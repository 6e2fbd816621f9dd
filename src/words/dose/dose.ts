import type { Told } from '../told';

/** Dose: how much of what, and why not. */
export const doseSays = {
  readIt: 'Read it',
  readItFirst: 'Read it first.',
  noReadingYet: 'A dose is made on a reading. This tank has none with a pH yet.',
  pouredOf: (amount: string, product: string) => `Poured ${amount} of ${product}`,
  title: (name: string) => `Dose · ${name}`,
  phWithMargin: (value: string, plusMinus: string) => `pH ${value} ± ${plusMinus}`,
  phWasShown: (value: string) => `pH ${value} was shown`,
  bandAndVolume: ({ shown, low, high, volume }: Told<'shown' | 'low' | 'high' | 'volume'>) =>
    `${shown}, band ${low} to ${high}, ${volume}`,
  workingItOut: 'Working it out…',
  aimHint: 'A pH from 4 to 9; empty aims at the middle of the band.',
  whyGoOn: 'Why go on',
  goOnAllTheSame: 'Go on all the same',
  stopThisDoesNotFit: 'Stop: this does not fit.',
  planFromWhatFits: 'Plan from what fits',
  putTheWatersNumbersRight: 'Put the water’s numbers right',
  jarTest: 'Jar test',
  ecStockOrWater: 'EC: stock or water',
  whatThisTankTaught: 'What this tank taught',
  whyThisMuch: 'Why this much?',
  itsEcWasNotRead: 'Its EC was not read',
  itReads: (ec: string, ecUnit: string) => `It reads ${ec} ${ecUnit}`,
  wasItReallyFilled: (shows: string, moment: string) =>
    `${shows}. Was the tank really emptied and filled at ${moment}, and is all that was added since logged?`,
  isAllLogged: 'Have you logged everything added since the last fill?',
  planASmallCarefulDose: 'plan a small, careful dose',
  mixedNow: 'Stirred: it is mixed now',
  thenReRead: (rest: string, aimPh: string) =>
    `Then re-read; about ${rest} more to reach pH ${aimPh}.`,
  thisIsAll: (aimPh: string) => `This is all it takes to pH ${aimPh}.`,
  pour: (amount: string) => `pour ${amount}`,
  inWaterFirst: (litres: string) => `In ${litres} L of water first. `,
  rightAfterMixing: 'right after mixing',
  range: (low: string, high: string) => `${low} to ${high}`,
  onceFullyAired: 'once fully aired',
  afterAll: (ph: string) => `after all of it pH ${ph}`,
  strengthSoFar: ({ mean, low, high }: Told<'mean' | 'low' | 'high'>) =>
    `How strong it is, its doses tell: ${mean} mol/L so far (${low} to ${high}).`,
  somethingWasPoured: 'Something was poured all the same: book it',
  bookWhatWasPoured: 'Book what was poured',
  pouredWithoutPlan: (name: string) =>
    `Of ${name}, chosen below. Zolder planned nothing here; the record should know all the same.`,
  poured: 'Poured',
  amountNeeded: (unit: string) => `An amount in ${unit}, above zero.`,
  bookIt: 'Book it',
  withWhichProduct: 'With which product?',
  concentrates: 'Concentrates, for trained people',
  ph: (ph: string) => `pH ${ph}`,
} as const;

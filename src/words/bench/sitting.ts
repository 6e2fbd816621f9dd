import type { Told } from '../told';

/** The Bench around a sitting: its cups and what was read. */
export const sittingSays = {
  asFound: 'as found',
  toCome: 'to come',
  cupState: ({ phaseLabel, name, state }: Told<'phaseLabel' | 'name' | 'state'>) =>
    `${phaseLabel} in ${name}: ${state}`,
  tipCappedWith: 'The pH tip is capped with',
  lotNumber: (lotCode: string) => `lot ${lotCode}: `,
  canGoOn: '. You can go on; it is recorded.',
  usedBefore: 'The portion from before: ',
  anotherLot: 'Another bottle',
  anotherLotFor: (liquid: string) => `Another bottle for the ${liquid}`,
  pouredFrom: (liquid: string) => `The ${liquid} is poured from`,
  portionFromBefore: 'the portion from before',
  portionHint: 'rinse water and air have changed it; it is marked',
  elsewhere: 'another bottle, not on the Shelf',
  elsewhereHint: 'the usual tolerance is assumed',
  notOnShelf: 'Not on the Shelf: the usual tolerance is assumed.',
} as const;

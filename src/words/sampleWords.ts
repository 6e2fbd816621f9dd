import type { Sample } from '@/records/kinds';

/** What a reading was taken of, as a name. */
export const SAMPLE_NAME: Readonly<Record<Sample, string>> = {
  tank: 'Tank',
  source: 'Source water',
  dripper: 'At the dripper',
  drain: 'Drain',
  stock: 'Stock solution',
  substrateDirect: 'Substrate, direct',
  substrateSlurry: 'Substrate, slurry 1:1',
  pourThrough: 'Substrate, pour-through',
  other: 'Other',
};

/** How such a sample is taken, in a sentence; numbers of different ways are not comparable. */
export const SAMPLE_HINT: Readonly<Record<Sample, string>> = {
  tank: 'Stir or let the pump run; dip where it is mixed.',
  source: 'Before anything is added. Rain and reverse-osmosis water: read at once.',
  dripper: 'Catch what the dripper gives, after the line has run a minute.',
  drain: 'Catch what runs off in the middle of the day.',
  stock: 'Only if the pen’s range reaches it; rinse well after.',
  substrateDirect: 'Moist medium. Make a pilot hole first, then the spear tip, at root depth.',
  substrateSlurry: 'One part dry medium, one part distilled water: stir, stand, stir, read.',
  pourThrough: 'An hour after watering pour a little pure water on top, read what runs out.',
  other: 'Say in the note what it is.',
};

/** What a reading was taken of. Numbers of different samples are never compared nor charted together. */
export const SAMPLES = [
  'tank',
  'source',
  'dripper',
  'drain',
  'stock',
  'substrateDirect',
  'substrateSlurry',
  'pourThrough',
  'other',
] as const;

export type Sample = (typeof SAMPLES)[number];

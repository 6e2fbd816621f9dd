import type { Sample } from './sampleNames';

/** What is read of a place that has no tank: a pot, a bed, a slab, a drain. */
export const SPOT_SAMPLES = [
  'substrateDirect',
  'substrateSlurry',
  'pourThrough',
  'drain',
  'dripper',
  'source',
] as const satisfies readonly Sample[];

export type SpotSample = (typeof SPOT_SAMPLES)[number];

/**
 * How long a sample of this kind stands before it is read, minutes; others are read at once.
 * @source Extension bulletins on testing substrates, as commonly given.
 */
export const STANDS_MINUTES: Readonly<Partial<Record<Sample, number>>> = {
  substrateSlurry: 30,
  pourThrough: 60,
};

/** What is read of a tank where nobody says otherwise: the tank itself, or the method of its place. */
export const usualSample = ({ readOf }: { readonly readOf?: SpotSample | undefined }): Sample =>
  readOf ?? 'tank';

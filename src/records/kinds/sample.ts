import { z } from 'zod';
import { bandSchema } from './band';

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

export const sampleSchema = z.enum(SAMPLES);
export type Sample = (typeof SAMPLES)[number];

/** Bands of samples other than the tank itself, set by the grower; none is shipped as fact. */
export const sampleBandsSchema = z.partialRecord(
  sampleSchema.exclude(['tank']),
  z.object({ ph: bandSchema.optional(), ec: bandSchema.optional() }),
);

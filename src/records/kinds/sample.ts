import { z } from 'zod';
import { SAMPLES } from '../samples';
import { bandSchema } from './band';

/** What a reading was taken of. */
export const sampleSchema = z.enum(SAMPLES);

/** Bands of samples other than the tank itself, set by the grower; none is shipped as fact. */
export const sampleBandsSchema = z.partialRecord(
  sampleSchema.exclude(['tank']),
  z.object({ ph: bandSchema.optional(), ec: bandSchema.optional() }),
);

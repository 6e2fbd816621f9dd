import { z } from 'zod';
import { SPOT_SAMPLES } from '../samples';
import { instant, recordRef } from './common';

/** A sample that stands before it is read. */
export const standingSchema = z.object({
  tankId: recordRef<'tank'>(),
  sample: z.enum(SPOT_SAMPLES),
  at: instant,
  until: instant,
});

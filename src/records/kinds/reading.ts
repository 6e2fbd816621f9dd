import { z } from 'zod';
import { VERDICTS } from '@/core/verdict';
import { finite, instant, noteText, recordRef } from './common';
import { ecSideSchema } from './pen';

/** What the grower saw when saving: evidence, never truth. */
const shownThenSchema = z.object({
  value: finite,
  expandedU: finite,
  verdict: z.enum(VERDICTS),
  core: z.string(),
});

/** A reading of a tank, as displayed. At least one of pH and EC. */
export const readingSchema = z
  .object({
    tankId: recordRef,
    sampleKind: z.enum(['tank', 'source', 'dripper', 'drain', 'stock', 'substrate', 'other']),
    takenAt: instant,
    tempC: finite.min(-5).max(60).optional(),
    ph: z
      .object({
        shown: finite.min(0).max(14),
        penId: recordRef,
        shownThen: shownThenSchema.optional(),
      })
      .optional(),
    ec: z
      .object({
        shown: finite.min(0),
        scale: ecSideSchema.shape.scale,
        penId: recordRef,
        shownThen: shownThenSchema.optional(),
      })
      .optional(),
    volumeL: finite.min(0).optional(),
    note: noteText.default(''),
  })
  .refine((reading) => reading.ph !== undefined || reading.ec !== undefined, {
    message: 'A reading holds a pH, an EC or both.',
    path: ['ph'],
  });

export type Reading = z.infer<typeof readingSchema>;
export type ShownThen = z.infer<typeof shownThenSchema>;

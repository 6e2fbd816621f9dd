import { z } from 'zod';
import { VERDICTS } from '@/core/verdict';
import { finite, instant, noteText, recordRef, shortText } from './common';
import { ecSideSchema } from './pen';
import { sampleSchema } from './sample';

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
    tankId: recordRef<'tank'>(),
    sampleKind: sampleSchema,
    takenAt: instant,
    tempC: finite.min(-5).max(60).optional(),
    ph: z
      .object({
        shown: finite.min(0).max(14),
        /** The same sample dipped again, each as displayed; the value is the mean of all. */
        repeats: z.array(finite.min(0).max(14)).max(20).optional(),
        penId: recordRef<'pen'>(),
        shownThen: shownThenSchema.optional(),
      })
      .optional(),
    ec: z
      .object({
        shown: finite.min(0),
        repeats: z.array(finite.min(0)).max(20).optional(),
        scale: ecSideSchema.shape.scale,
        penId: recordRef<'pen'>(),
        shownThen: shownThenSchema.optional(),
      })
      .optional(),
    volumeL: finite.min(0).optional(),
    /** What a laboratory found in the same sample; EC at 25 °C. */
    lab: z
      .object({
        ph: finite.min(0).max(14).optional(),
        ecMsPerCm: finite.min(0).max(200).optional(),
        name: shortText.default(''),
      })
      .optional(),
    note: noteText.default(''),
  })
  .refine((reading) => reading.ph !== undefined || reading.ec !== undefined, {
    message: 'A reading holds a pH, an EC or both.',
    path: ['ph'],
  });

export type Reading = z.infer<typeof readingSchema>;
export type ShownThen = z.infer<typeof shownThenSchema>;

import { z } from 'zod';
import { finite, instant, noteText, positive, recordRef, shortText } from './common';

/** A product tried drop by drop in a sample of a tank. */
export const jarTestSchema = z.object({
  tankId: recordRef<'tank'>(),
  at: instant,
  productId: shortText,
  productName: shortText,
  sampleL: positive.max(100),
  /** Parts of the diluted product that hold one of it. */
  dilution: positive.max(10_000),
  dropMl: positive.max(1),
  /** As displayed; the first is the sample as it was. */
  points: z
    .array(z.object({ drops: finite.min(0).max(10_000), ph: finite.min(0).max(14) }))
    .min(2)
    .max(100),
  aimPh: finite.min(0).max(14),
  tankVolumeL: positive.max(1_000_000),
  /** The pen it was read with. */
  penId: recordRef<'pen'>().optional(),
  note: noteText.default(''),
});

export type JarTest = z.infer<typeof jarTestSchema>;

import { z } from 'zod';
import { finite, noteText, positive, shortText } from './common';

/** A target band, low below high. */
export const bandSchema = z
  .object({ low: finite.min(0).max(50), high: finite.min(0).max(50) })
  .refine((band) => band.low < band.high, {
    message: 'The low end must lie below the high end.',
    path: ['high'],
  });

/** A nutrient reservoir. */
export const tankSchema = z.object({
  name: shortText.min(1, 'A name is needed.'),
  volumeL: positive.max(1_000_000),
  crop: shortText.default(''),
  stage: shortText.default(''),
  phBand: bandSchema,
  /** mS/cm at 25 °C. */
  ecBand: bandSchema,
  /** The feed's temperature coefficient, per °C. */
  alphaPerC: finite.min(0.01).max(0.04).default(0.019),
  /** Place in the round; smaller comes first. */
  place: finite,
  note: noteText.default(''),
});

export type Tank = z.infer<typeof tankSchema>;

import { z } from 'zod';
import { finite, instant, noteText, recordRef } from './common';

/** What a comparison is made against. */
const againstSchema = z.discriminatedUnion('by', [
  /** A checked pen in the same liquid, and what it shows, as displayed. */
  z.object({ by: z.literal('pen'), penId: recordRef<'pen'>(), shown: finite }),
  /** Another thermometer, °C. */
  z.object({ by: z.literal('thermometer'), shownC: finite.min(-5).max(60) }),
  /** Crushed ice in water: 0 °C. */
  z.object({ by: z.literal('meltingIce') }),
]);

/**
 * A pen compared with a checked pen in the same liquid, or its thermometer with another or with
 * melting ice. It tells how far off the pen is near that one value. It is no calibration: nothing is
 * adjusted and no reading is corrected by it.
 */
export const comparisonSchema = z.object({
  penId: recordRef<'pen'>(),
  at: instant,
  what: z.enum(['ph', 'ec', 'temp']),
  /** As displayed: pH, in the scale of the pen, or °C. */
  shown: finite,
  /** Temperature of the liquid, °C, where it was read. */
  tempC: finite.min(0).max(50).optional(),
  against: againstSchema,
  note: noteText.default(''),
});

export type Comparison = z.infer<typeof comparisonSchema>;

import { z } from 'zod';
import { finite, instant, noteText, positive, recordRef } from './common';

/**
 * A pen read in the check standard: a buffer of a second lot, kept for this alone. An early warning
 * and a chart, never a calibration point.
 */
export const controlReadingSchema = z.object({
  penId: recordRef<'pen'>(),
  at: instant,
  /** Nominal value of the control, pH. */
  nominalPh: positive.max(14),
  /** As displayed. */
  shown: finite.min(0).max(14),
  tempC: finite.min(0).max(50),
  lotId: recordRef<'lot'>().optional(),
  note: noteText.default(''),
});

export type ControlReading = z.infer<typeof controlReadingSchema>;

import { z } from 'zod';
import { finite, instant, noteText, positive, shortText, tableRow } from './common';

/** A bottle or box of sachets on the Shelf. */
export const lotSchema = z.object({
  kind: z.enum(['buffer', 'ecStandard', 'storage', 'cleaner']),
  form: z.enum(['bottle', 'sachet', 'dissolvedSachet']),
  /** pH for a buffer, mS/cm at 25 °C for a standard; absent for other liquids. */
  nominal: positive.max(50).optional(),
  /** A buffer whose bottle states a conductivity too: mS/cm at 25 °C. */
  alsoMsPerCm: positive.max(50).optional(),
  lotCode: shortText.default(''),
  expiresAt: instant.optional(),
  openedAt: instant.optional(),
  openLifeDays: positive.max(3650).optional(),
  /** mL in a bottle, pieces of sachets. */
  left: finite.min(0).optional(),
  /** pH, or relative for a standard; the default is the trade's. */
  tolerance: positive.max(1).optional(),
  labelTable: z.array(tableRow).max(40).optional(),
  /** A standard's coefficient per °C, where its label prints one instead of a table. */
  labelAlphaPerC: finite.min(0.005).max(0.05).optional(),
  note: noteText.default(''),
});

export type Lot = z.infer<typeof lotSchema>;

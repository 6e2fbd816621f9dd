import { z } from 'zod';
import { finite, instant, noteText, positive, recordRef, shortText } from './common';

/** Something poured into a tank: acid, base, stock, water, or a whole change. */
export const additionSchema = z.object({
  tankId: recordRef<'tank'>(),
  at: instant,
  what: z.enum(['acid', 'base', 'stock', 'water', 'drain', 'change']),
  /** The product on the Shelf; absent for water. */
  productId: recordRef<'product'>().optional(),
  /** Its name as it stood. */
  productName: shortText.default(''),
  /** mL of product poured. */
  doseMl: finite.min(0).optional(),
  /** Grams of a powder. */
  doseG: finite.min(0).optional(),
  /** Acid (positive) or base (negative) equivalents poured, mmol, where the product's strength is known. */
  acidMmol: finite.optional(),
  /** Litres of water poured in or drained off. */
  waterL: finite.min(0).optional(),
  /** The tank's volume when it was poured, L. */
  tankVolumeL: positive.optional(),
  /** The reading it was made on. */
  readingId: recordRef<'reading'>().optional(),
  /** When it is mixed and the tank is read again. */
  rereadAt: instant.optional(),
  /** The pH it was to reach in the end. */
  aimPh: finite.optional(),
  /** What was promised right after mixing. */
  predictedPh: finite.optional(),
  /** What the chemistry alone promised for this dose; written by older books. */
  modelChangePh: finite.optional(),
  /** For a whole change: alkalinity of the water filled in, mmol/L, where it was measured. */
  alkalinityMmolPerL: finite.min(0).max(20).optional(),
  /** Not to learn from: the grower knows of something that spoiled it. */
  excluded: z.boolean().optional(),
  /** What was read after it contradicted what was told of the water, and the grower took what fits. */
  tookWhatFits: z.boolean().optional(),
  /** EC before it was poured and what was promised after, mS/cm at 25 °C. */
  ecBeforeMsPerCm: finite.min(0).max(200).optional(),
  predictedEcMsPerCm: finite.min(0).max(200).optional(),
  /** The waters filled in and their parts. */
  waters: z
    .array(z.object({ waterId: recordRef<'water'>(), share: finite.min(0).max(1) }))
    .max(4)
    .optional(),
  note: noteText.default(''),
});

export type Addition = z.infer<typeof additionSchema>;

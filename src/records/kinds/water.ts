import { z } from 'zod';
import { finite, nameText, noteText, positive } from './common';

/** A water that tanks are filled with: town water, a rain butt, reverse osmosis. */
export const waterSchema = z.object({
  name: nameText,
  /** Whether the numbers come from the supplier's report or from a measurement of one's own. */
  basis: z.enum(['report', 'measured']).default('report'),
  /** mS/cm at 25 °C. */
  ecMsPerCm: positive.max(20).optional(),
  /** Of the water as it comes, mmol/L; a titration of it in equilibrium. */
  alkalinityMmolPerL: finite.min(0).max(20).optional(),
  /** Its hardness by what makes it up, mmol/L. */
  calciumMmolPerL: finite.min(0).max(20).optional(),
  magnesiumMmolPerL: finite.min(0).max(20).optional(),
  ph: finite.min(0).max(14).optional(),
  note: noteText.default(''),
});

export type Water = z.infer<typeof waterSchema>;

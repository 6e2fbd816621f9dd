import { z } from 'zod';
import { instant, noteText, recordRef } from './common';

/** What is done to a pen, or happened to it. */
export const CARE_KINDS = [
  'clean',
  'inCleaner',
  'cleanHeavy',
  'cleanOil',
  'soak',
  'capTopUp',
  'stopGap',
  'rest',
  'wake',
  'battery',
  'oRing',
  'newProbe',
  'dryOut',
  'pureWater',
  'knock',
  'wetElectronics',
  'weeksInFeed',
] as const;

/** Care given to a pen, or an incident that befell it. */
export const careEventSchema = z.object({
  penId: recordRef<'pen'>(),
  /** Which side it concerns. */
  side: z.enum(['ph', 'ec', 'both']).default('both'),
  what: z.enum(CARE_KINDS),
  at: instant,
  /** When a soak or a rest in solution ends; the probe is unready until then. */
  until: instant.optional(),
  note: noteText.default(''),
});

export type CareEvent = z.infer<typeof careEventSchema>;
export type CareKind = CareEvent['what'];

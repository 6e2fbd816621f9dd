import { z } from 'zod';
import { instant, noteText, recordRef, shortText } from './common';

/** A probe fitted on a pen; the next one of the same side ends it. */
export const probeSchema = z.object({
  penId: recordRef<'pen'>(),
  side: z.enum(['ph', 'ec']),
  fittedAt: instant,
  serial: shortText.default(''),
  /** Junction of a pH probe: ceramic, fibre, cloth, open. */
  junction: shortText.default(''),
  connector: shortText.default(''),
  boughtAt: instant.optional(),
  guaranteeUntil: instant.optional(),
  certificate: shortText.default(''),
  note: noteText.default(''),
});

export type Probe = z.infer<typeof probeSchema>;

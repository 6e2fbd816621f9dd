import { z } from 'zod';
import { instant, recordRef, shortText } from './common';

/**
 * What was let go of for good: entries of these kinds that happened before a day, of one place or pen
 * or of all. It stays for good, so that nothing of it comes back from another phone or an old file.
 */
export const erasureSchema = z.object({
  at: instant,
  /** By the grower, or the steps of sittings whose check is in the book. */
  why: z.enum(['asked', 'thinned']),
  kinds: z.array(z.string().max(40)).min(1).max(40),
  /** What happened before this is gone. */
  until: instant,
  /** From this on; absent: from the beginning. */
  from: instant.optional(),
  /** Only of this tank or place, or this pen. */
  tankId: recordRef<'tank'>().optional(),
  penId: recordRef<'pen'>().optional(),
  /** How many entries went, here. */
  count: z.number().int().min(0),
  note: shortText.default(''),
});

export type Erasure = z.infer<typeof erasureSchema>;

import { z } from 'zod';
import { finite, instant, noteText, recordRef } from './common';
import { eventSchema, planSchema } from './session';

/** A sitting at the Bench that is not finished; left and resumed at any moment. */
export const benchDraftSchema = z.object({
  penId: recordRef<'pen'>(),
  quantity: z.enum(['ph', 'ec']),
  startedAt: instant,
  /** Absent until temperature and cups are settled. */
  plan: planSchema.optional(),
  events: z.array(eventSchema),
  afterCleaning: z.boolean().default(false),
  /** What stands in the open field, typed but not yet taken. */
  typed: z.string().max(40).default(''),
  /** When the current dip began, epoch ms. */
  dipSinceMs: finite.optional(),
  /** Values seen on the display in this dip, tapped in or live. */
  samples: z
    .array(z.object({ atMs: finite, value: finite }))
    .max(600)
    .optional(),
  /** Which lot each cup is poured from, where another than the usual one was chosen: see `chooseLots`. */
  lots: z.record(z.string().max(40), z.string().max(64)).optional(),
  /** One bottle for both: the EC side, read in the same cup at the same press. */
  also: z
    .object({ plan: planSchema, events: z.array(eventSchema), typed: z.string().max(40) })
    .optional(),
  /** What a pen with two modes is set to. */
  mode: z.enum(['oneBottle', 'points']).optional(),
  /** A third buffer besides the pen's two, for this sitting. */
  third: z.boolean().optional(),
  /** A note on the check, as far as it is typed. */
  note: noteText.optional(),
  /** When it was gone on with after it had been left, epoch ms. */
  resumedAtMs: finite.optional(),
  /** When the stillness timer of the current dip was started, epoch ms. */
  stillSinceMs: finite.optional(),
});

export type BenchDraft = z.infer<typeof benchDraftSchema>;

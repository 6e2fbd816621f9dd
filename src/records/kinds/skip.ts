import { z } from 'zod';
import { SKIP_REASONS } from '../samples';
import { instant, noteText } from './common';

/** A stop of the Round that was passed by for a day, with the reason. */
export const skipSchema = z.object({
  /** The stop: its kind and what it is about, as `correct/<tank>`. */
  stop: z.string().min(1).max(120),
  at: instant,
  why: z.enum(SKIP_REASONS),
  note: noteText.default(''),
});

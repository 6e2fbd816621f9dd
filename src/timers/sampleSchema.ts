import { z } from 'zod';

const messageSchema = z.object({ shown: z.number().refine(Number.isFinite) });

/** The value a message of the sample channel tells; undefined for anything else. */
export function readSample(message: unknown): number | undefined {
  const read = messageSchema.safeParse(message);
  return read.success ? read.data.shown : undefined;
}

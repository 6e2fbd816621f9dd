import { z } from 'zod';

/** One value as a display shows it, told by another page: docs/formats/live-values.md. */
const sampleSchema = z.object({
  shown: z.number().refine(Number.isFinite),
  /** What is shown; absent: what the open screen reads. */
  quantity: z.enum(['ph', 'ec', 'temp']).optional(),
  /** Scale of a conductivity; absent: the pen's own. */
  scale: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']).optional(),
  /** Unit of a temperature; absent: °C. */
  tempUnit: z.enum(['°C', '°F']).optional(),
  /** The pen's code, as it stands in the book; absent: the pen in the hand. */
  pen: z.string().max(4).optional(),
});

/** A value told live. */
export type LiveSample = z.infer<typeof sampleSchema>;

/** The value a message of the sample channel tells; undefined for anything else. */
export function readSample(message: unknown): LiveSample | undefined {
  return sampleSchema.safeParse(message).data;
}

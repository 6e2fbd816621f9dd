import { z } from 'zod';

/** Settings of the book: they hold on every device that shares it. One record, `setting-book`. */
export const settingSchema = z.object({
  tempUnit: z.enum(['°C', '°F']).default('°C'),
  ecScale: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']).default('mS/cm'),
  volumeUnit: z.enum(['L', 'US gal', 'UK gal']).default('L'),
  decimalMark: z.enum(['.', ',']).default('.'),
});

export type BookSettings = z.infer<typeof settingSchema>;

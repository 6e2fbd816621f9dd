import { z } from 'zod';
import { RETENTION_YEARS } from '@/core/retention';
import { READ_ORDERS } from '../samples';

/** Settings of the book: they hold on every device that shares it. One record, `setting-book`. */
export const settingSchema = z.object({
  tempUnit: z.enum(['°C', '°F']).default('°C'),
  ecScale: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']).default('mS/cm'),
  volumeUnit: z.enum(['L', 'US gal', 'UK gal']).default('L'),
  decimalMark: z.enum(['.', ',']).default('.'),
  /** How far off new pens may be found before they are adjusted; each pen keeps its own. */
  tolerancePolicy: z.enum(['laboratory', 'normal', 'relaxed']).default('normal'),
  /** What the probe is rinsed with; either serves to rinse, pure water never to store. */
  rinseWater: z.enum(['tap', 'pure']).default('tap'),
  /** In which order a tank is read: the order of the fields. */
  readOrder: z.enum(READ_ORDERS).default('phEcTemp'),
  /** How long entries are kept at least, years; never less than what permits commonly demand. */
  keepYears: z.number().int().min(RETENTION_YEARS).max(100).default(RETENTION_YEARS),
});

export type BookSettings = z.infer<typeof settingSchema>;

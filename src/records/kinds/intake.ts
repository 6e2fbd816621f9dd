import { z } from 'zod';
import { EC_SCALES } from '@/core/units';
import { instant, recordRef, shortText } from './common';

const count = z.number().int().min(0);
const names = <Kind extends string>() => z.record(z.string().max(200), recordRef<Kind>());

/** A table of another program that was taken in: what came of it, and how it was read. */
export const intakeSchema = z.object({
  file: shortText,
  at: instant,
  subject: z.enum(['readings', 'checks']),
  taken: count,
  doubled: count,
  rejected: count,
  /** The names of its columns: the next table with the same is read the same way. */
  heads: z.array(z.string().max(200)).max(200),
  columns: z.array(z.string().max(20).nullable()).max(200),
  shape: z.object({
    delimiter: z.enum([',', ';', '\t', '|']),
    headAt: z.number().int().min(-1),
    mark: z.enum(['.', ',']),
    dayOrder: z.enum(['ymd', 'dmy', 'mdy']),
  }),
  ecScale: z.enum(EC_SCALES),
  tempUnit: z.enum(['°C', '°F']),
  /** What its names stand for here. */
  places: names<'tank'>(),
  pens: names<'pen'>(),
});

export type Intake = z.infer<typeof intakeSchema>;

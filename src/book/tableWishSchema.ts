import { z } from 'zod';
import { EC_SCALES } from '@/core/units';
import {
  CHECK_ROLES,
  DAY_ORDERS,
  DELIMITERS,
  READING_ROLES,
  SUBJECTS,
  type Role,
} from '@/interchange/intake';
import { finite, positive } from '@/records/kinds/common';
import type { TableWish } from './answers';

const known = z.object({ as: z.literal('known'), id: z.string().max(64) });
const leave = z.object({ as: z.literal('leave') });
const named = z.string().max(200);
const ROLES = [...new Set<Role>([...READING_ROLES, ...CHECK_ROLES])];

/** How a table is to be read, as the page says it. */
export const tableWish = z.object({
  subject: z.enum(SUBJECTS),
  shape: z.object({
    delimiter: z.enum(DELIMITERS),
    headAt: z.number().int().min(-1),
    mark: z.enum(['.', ',']),
    dayOrder: z.enum(DAY_ORDERS),
  }),
  columns: z.array(z.enum(ROLES).nullable()).max(200),
  units: z.object({ ecScale: z.enum(EC_SCALES), tempUnit: z.enum(['°C', '°F']) }),
  usualTempC: finite.min(0).max(50),
  places: z.record(
    named,
    z.discriminatedUnion('as', [
      known,
      leave,
      z.object({
        as: z.literal('made'),
        name: z.string().trim().min(1).max(200),
        volumeL: positive.max(1_000_000),
        target: z.number().int().min(0),
      }),
    ]),
  ),
  pens: z.record(
    named,
    z.discriminatedUnion('as', [
      known,
      leave,
      z.object({ as: z.literal('made'), code: z.string().trim().min(1).max(4) }),
    ]),
  ),
}) satisfies z.ZodType<TableWish>;

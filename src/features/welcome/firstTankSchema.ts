import { z } from 'zod';
import { litresFrom } from '@/core/units';
import { typedNumber } from '@/features/parts/typedNumber';

/** What the second step of setting up takes, as typed. */
export const firstTankSchema = z
  .object({
    name: z.string().trim().min(1, 'A name is needed.').max(200),
    volume: typedNumber('volume').refine((v) => v > 0, 'A volume above zero.'),
    volumeUnit: z.enum(['L', 'US gal', 'UK gal']),
  })
  .transform(({ name, volume, volumeUnit }) => ({ name, volumeL: litresFrom(volume, volumeUnit) }));

import { z } from 'zod';
import { finite } from './common';

/** A target band, low below high. */
export const bandSchema = z
  .object({ low: finite.min(0).max(50), high: finite.min(0).max(50) })
  .refine((band) => band.low < band.high, {
    message: 'The low end must lie below the high end.',
    path: ['high'],
  });

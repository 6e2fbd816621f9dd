import { z } from 'zod';
import { nameText, noteText, shortText } from './common';
import { displaySchema, ecSideSchema, phSideSchema } from './pen';

/** A profile of one's own: a starting point for pens, by what they do. */
export const profileSchema = z
  .object({
    title: nameText,
    hint: shortText.default(''),
    ph: phSideSchema.nullable(),
    ec: ecSideSchema.nullable(),
    display: displaySchema.optional(),
    note: noteText.default(''),
  })
  .refine((profile) => profile.ph !== null || profile.ec !== null, {
    message: 'A pen measures pH, EC or both.',
    path: ['ph'],
  });

export type OwnProfile = z.infer<typeof profileSchema>;

import { z } from 'zod';
import { shortText } from './common';

/** Somebody who reads tanks and pens; known by initials. */
export const personSchema = z.object({
  initials: shortText.min(1, 'Initials are needed.').max(4),
  name: shortText.default(''),
});

export type Person = z.infer<typeof personSchema>;

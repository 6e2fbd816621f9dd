import type { Told } from '../told';

/** What is wrong with a number typed into a form. */
export const typedSays = {
  notANumber: 'Not a number.',
  ecLies: ({ unit, of, low, high }: Told<'unit' | 'of' | 'low' | 'high'>) =>
    `In ${unit} ${of} lies between ${low} and ${high}. Was this typed in another unit?`,
} as const;

import type { Told } from '../told';

/** Entries of the Book that adjust nothing and correct nothing. */
export const besideSays = {
  compared: (pen: string) => `${pen} compared. No calibration.`,
  inControl: (pen: string) => `${pen} read in the house control`,
  control: ({ shown, nominal, temp }: Told<'shown' | 'nominal' | 'temp'>) =>
    `showed ${shown} pH in the ${nominal} buffer at ${temp}`,
  passedBy: (about: string) => (about ? `${about}: passed by` : 'A stop passed by'),
} as const;

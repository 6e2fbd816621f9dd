import type { Told } from '../told';

/** Entries of the Book that adjust nothing and correct nothing. */
export const besideSays = {
  compared: (pen: string) => `${pen} compared. No calibration.`,
  inControl: (pen: string) => `${pen} read in the house control`,
  control: ({ shown, nominal, temp }: Told<'shown' | 'nominal' | 'temp'>) =>
    `showed ${shown} pH in the ${nominal} buffer at ${temp}`,
  jar: (tank: string) => `${tank}: jar test`,
  jarCameTo: ({ product, drops, ph }: Told<'product' | 'drops' | 'ph'>) =>
    `${product}: ${drops} drops brought it to ${ph} pH`,
  probe: (pen: string) => `${pen}: probe fitted`,
  lot: (liquid: string) => `${liquid}: came to the Shelf`,
  voided: (what: string) => `${what}, voided`,
  passedBy: (about: string) => (about ? `${about}: passed by` : 'A stop passed by'),
} as const;

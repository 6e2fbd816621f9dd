import type { Told } from '../told';

/** The curve beside a dose. */
export const curveSays = {
  curveSaid: ({ fromPh, firstPh, fullPh }: Told<'fromPh' | 'firstPh' | 'fullPh'>) =>
    `pH falls or rises from ${fromPh} to ${firstPh} with the first step and ${fullPh} in all.`,
} as const;

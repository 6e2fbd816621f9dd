import type { Told } from '../told';

/** Tanks compared in strips. */
export const acrossTanksSays = {
  week: 'Week',
  fourWeeks: '4 weeks',
  season: 'Season',
  print: 'Print',
  readBy: (pens: string) => `read by ${pens}`,
  notReadInThisSpan: 'not read in this span',
  stripSaid: ({ quantity, name, readings }: Told<'quantity' | 'name' | 'readings'>) =>
    `${quantity} of ${name}, ${readings} in this span.`,
} as const;

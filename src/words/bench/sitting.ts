import type { Told } from '../told';

/** The Bench around a sitting: its cups and what was read. */
export const sittingSays = {
  loadingTheBench: 'Loading the Bench',
  asFound: 'as found',
  toCome: 'to come',
  cupState: ({ phaseLabel, name, state }: Told<'phaseLabel' | 'name' | 'state'>) =>
    `${phaseLabel} in ${name}: ${state}`,
  tipCappedWith: 'The pH tip is capped with',
  lotNumber: (lotCode: string) => `lot ${lotCode}: `,
  canGoOn: '. You can go on; it is recorded.',
  notOnShelf: 'Not on the Shelf: the usual tolerance is assumed.',
} as const;

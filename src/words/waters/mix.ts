import type { Told } from '../told';

/** Mixing two waters. */
export const mixSays = {
  backToTheWaters: 'Back to the waters',
  mixTwoWaters: 'Mix two waters',
  first: 'First',
  second: 'Second',
  toWhichTarget: 'To which target?',
  at25C: (ecUnit: string) => `${ecUnit} at 25 °C`,
  target: 'Target',
  inAll: 'In all',
  alkalinity: 'alkalinity',
  mixture: ({ first, second, ec, alkalinity }: Told<'first' | 'second' | 'ec' | 'alkalinity'>) =>
    `of ${first} and ${second}. The mixture: EC ${ec}, alkalinity ${alkalinity}.`,
} as const;

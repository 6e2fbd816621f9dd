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

/** Why two waters give no mixture. */
export type MixMissing =
  | { readonly why: 'sameWater' | 'noTarget' | 'notBetween' }
  | {
      readonly why: 'unknown';
      readonly name: string;
      readonly by: 'ecMsPerCm' | 'alkalinityMmolPerL';
    };

/** Why two waters give no mixture, in a sentence. */
export function mixMissingSentence(missing: MixMissing): string {
  switch (missing.why) {
    case 'sameWater':
      return 'Choose two different waters.';
    case 'unknown':
      return `${missing.name}: its ${missing.by === 'ecMsPerCm' ? 'EC' : 'alkalinity'} is not known.`;
    case 'noTarget':
      return 'Type a target.';
    case 'notBetween':
      return 'No mixture of these two gives that: the target must lie between them.';
  }
}

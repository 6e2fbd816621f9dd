import type { EcRaise, EcStop, EcThinning } from '@/core/dosing';
import { counted, type Formats } from '@/words';

/** Why nothing is proposed, and the way on. */
export const EC_STOP_WORDS: Readonly<Record<EcStop, { what: string; wayOn: string }>> = {
  notRead: { what: 'Read its EC first.', wayOn: 'The newest reading of this tank has none.' },
  cannotTell: {
    what: 'This reading can’t carry a correction.',
    wayOn: 'Its ± is wider than the band allows. Check the pen in its standard and read again.',
  },
  stillMixing: {
    what: 'Something poured is still mixing.',
    wayOn: 'Read the tank again when its timer ends. Two pours at once cannot be told apart.',
  },
  inBand: { what: 'In band: pour nothing.', wayOn: 'Type an aim to move it all the same.' },
  gainUnknown: {
    what: 'How much your stock raises EC, nobody has told yet.',
    wayOn:
      'Type it from the label, or pour a little of both, book it, read again: this tank then knows.',
  },
  waterUnknown: {
    what: 'The EC of your water is not known.',
    wayOn: 'Type it here, or give the tank its water.',
  },
  waterTooStrong: {
    what: 'This water is stronger than the aim: it cannot thin the tank so far.',
    wayOn: 'Mix it with rain or reverse-osmosis water, or aim higher.',
  },
  aimOtherWay: {
    what: 'That aim leads further out of the band.',
    wayOn: 'Aim inside the band.',
  },
};

/** What to do, as it leads the screen: the amount, and how. */
export function ecPlanWords(plan: EcRaise | EcThinning, formats: Formats) {
  if (plan.kind === 'raise') {
    const rest = plan.fullMl - plan.firstMl;
    const from = plan.pours > 0 ? `learned from ${counted(plan.pours, 'pour')}` : 'from the label';
    return {
      amount: `${formats.doseMl(plan.firstMl)} of A, and the same of B`,
      how: `Each into the tank by itself, never into one another; the second when the first is mixed in. Then re-read; about ${formats.doseMl(rest)} more of each to reach ${formats.ec(plan.aimMsPerCm)} ${formats.ecUnit}.`,
      basis: `1 mL/L of each raises EC by ${formats.ecPlain(Number(plan.gainMsPerCm.toFixed(3)))} ${formats.ecUnit}, ${from}.`,
    };
  }
  const drain =
    plan.drainL > 0
      ? `Drain ${formats.volume(plan.drainL)} first: it does not fit otherwise. `
      : 'It fits as it is. ';
  return {
    amount:
      plan.drainL > 0
        ? `Drain ${formats.volume(plan.drainL)}, then ${formats.volume(plan.addL)} of water`
        : `${formats.volume(plan.addL)} of water`,
    how: `${drain}Then EC reaches ${formats.ec(plan.aimMsPerCm)} ${formats.ecUnit}.`,
    basis: `The water has ${formats.ec(plan.waterMsPerCm)} ${formats.ecUnit}.`,
  };
}

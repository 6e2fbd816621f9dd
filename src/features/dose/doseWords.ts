import type { DoseAnswer } from '@/book/answers';
import type { Nutrients } from '@/core/chemistry';
import {
  DROP_ML,
  type DosePlan,
  type DoseRefusal,
  type SkipReason,
  type StepLimit,
} from '@/core/dosing';
import type { JudgedValue } from '@/core/readings';
import { clock, judgedWords, type Formats } from '@/words';

/** Why no dose is proposed, and the way on. */
export function refusalWords(
  refusal: DoseRefusal,
  formats: Formats,
): { readonly what: string; readonly wayOn: string } {
  switch (refusal.reason) {
    case 'cannotTell':
      return {
        what: 'This reading can’t carry a dose.',
        wayOn:
          'Its ± is wider than the band allows. Check the pen, about two minutes a cup, and read again.',
      };
    case 'tooPure':
      return {
        what: 'This water is too pure for its pH to matter.',
        wayOn: 'Add the nutrients first; then its pH means something.',
      };
    case 'inBand':
      return { what: 'In band: pour nothing.', wayOn: 'Come back when a reading lies outside.' };
    case 'wrongWay':
      return {
        what: `This tank needs ${refusal.needs === 'acid' ? 'an acid' : 'a base'}.`,
        wayOn: 'Choose a product that leads the other way.',
      };
    case 'strengthUnknown':
      return {
        what: 'How strong this product is, nobody has told yet.',
        wayOn:
          'Type what its label says by mass, or try it in a jar: a litre of the tank, the product diluted 1 in 50, drop by drop.',
      };
    case 'stillMixing':
      return {
        what: `The last dose is mixing until ${clock(refusal.mixedMs)}.`,
        wayOn: 'Read the tank again then. Two doses at once cannot be told apart.',
      };
    case 'chasing':
      return {
        what: 'Acid and base within the hour: that is chasing.',
        wayOn: `The last dose may not have shown all it does. Wait ${Math.ceil(refusal.waitMinutes)} minutes, or go on and say why.`,
      };
    case 'alkalinityBelowWater':
      return {
        what: 'This alkalinity and this pH do not go together.',
        wayOn: 'Was the alkalinity measured on this water, in this unit?',
      };
    case 'outOfRange':
      return {
        what: `${refusal.quantity === 'tempC' ? 'The temperature' : 'A value'} lies outside what the chemistry holds for.`,
        wayOn: `It holds from ${formats.number(refusal.min, 0)} to ${formats.number(refusal.max, 0)}${refusal.quantity === 'tempC' ? ' °C' : ''}.`,
      };
  }
}

/** Why a reading without a number carries no dose; undefined where it has one. */
export function noNumberWords({
  standing,
}: Pick<JudgedValue, 'standing'>): { readonly what: string; readonly wayOn: string } | undefined {
  if (standing === 'checked') return undefined;
  if (standing === 'unverified')
    return {
      what: 'Check this pen first.',
      wayOn:
        'It was never in a buffer: what it is off by, nobody knows. About two minutes a cup, then read the tank again.',
    };
  const { sentence, advice } = judgedWords({ standing, verdict: 'cantTell' }, '');
  return { what: sentence, wayOn: advice };
}

/** What kept the step small, in a sentence. */
export const LIMIT_WORDS: Readonly<Record<StepLimit, string>> = {
  firstStep: 'A first step; the rest after a re-read.',
  charge: 'Kept small: Zolder does not know this tank’s resistance yet.',
  freshShare: 'Kept below four fifths of what the water’s alkalinity can take.',
  stepPh: 'Kept to less than one pH in one go.',
  weakFeed: 'Kept small enough to do no harm even if this feed resists little.',
  farEdge: 'Kept so that it cannot pass the far edge of the band.',
};

/** Said where what is booked of a fresh fill cannot be. */
export const BOOKS_DOUBTED =
  'At this pH the water cannot hold the alkalinity that is booked: something was poured that nobody wrote down. Planned as a tank nobody knows.';

/** What this tank has taught so far. */
export function learnedWords({ factor, outcomes }: DoseAnswer, formats: Formats): string {
  if (factor.used === 0)
    return outcomes.length === 0
      ? 'Nothing learned from this tank yet: its first doses teach.'
      : 'Its doses moved too little to learn from.';
  const spread = formats.number(100 * (Math.exp(2 * factor.sigma) - 1), 0);
  const share = formats.number(100 * factor.factor, 0);
  return `Moves ${share} % as far as the chemistry alone says, ± ${spread} %, from ${factor.used} ${factor.used === 1 ? 'dose' : 'doses'}.`;
}

const ELEMENT = { N: 'nitrogen', P: 'phosphorus', S: 'sulfur', K: 'potassium' } as const;

/** What the dose feeds. */
export function nutrientWords(nutrients: Nutrients, formats: Formats): string {
  const parts = (Object.keys(nutrients) as (keyof Nutrients)[]).map(
    (element) => `${formats.number(nutrients[element] ?? 0, 1)} mg/L of ${ELEMENT[element]}`,
  );
  return parts.length === 0 ? '' : `Adds ${parts.join(' and ')}.`;
}

/** An amount as it is poured: mL, grams, and drops where it is tiny. */
export function amountWords({ unit, firstAmount }: DosePlan, formats: Formats) {
  if (unit === 'g')
    return { amount: formats.number(firstAmount, firstAmount < 10 ? 2 : 1), unit: 'g', aside: '' };
  const drops = firstAmount / DROP_ML;
  const aside = firstAmount < 2 ? `about ${formats.number(drops, 0)} drops` : '';
  const digits = firstAmount < 1 ? 2 : firstAmount < 100 ? 1 : 0;
  return { amount: formats.number(firstAmount, digits), unit: 'mL', aside };
}

/** The cautions for whoever handles a concentrate. See the safety reference of the product. */
export const DOSE_CAUTION = {
  first: 'Goggles and gloves. Acid or base into plenty of water, never water into it.',
  rest: 'One product at a time, nothing else in the same jug: no bleach, no stock, no other acid or base. Pour slowly with the pump running, away from its intake and from roots. Ventilate; no contact lenses. In the eyes: rinse until help arrives. On skin: rinse 15 minutes or more and get medical help. The label and its safety data sheet come first; local rules decide who may keep and use it.',
  trained:
    'Nitric and sulfuric acid above hobby strength and potassium hydroxide are for trained people; many places restrict them. Nitric acid never near ethanol or acetone. Phosphoric or sulfuric acid never into calcium stock. Potassium hydroxide never in aluminium.',
} as const;

/** Why a dose taught nothing. */
export const SKIP_WORDS = {
  tooSmall: 'moved less than the pens can tell: not counted',
  wrongWay: 'moved the other way: not counted',
  beforeWaterChange: 'before the water was changed or all was forgotten: not counted',
  freshWater: 'into fresh water: tells of its alkalinity, not of the feed',
  excluded: 'left out by hand',
} as const satisfies Record<SkipReason, string>;

/** What one pH takes of a product in this tank: "Takes 13 mL of pH down for one pH, ± 20 %, from six doses." */
export function onePhWords(
  { factor }: DoseAnswer,
  { name, amount, unit }: { name: string; amount: number; unit: string },
  formats: Formats,
): string {
  const written = formats.number(amount, amount < 10 ? 1 : 0);
  const spread = formats.number(100 * (Math.exp(2 * factor.sigma) - 1), 0);
  const from =
    factor.used === 0
      ? 'by the chemistry alone'
      : `from ${factor.used} ${factor.used === 1 ? 'dose' : 'doses'}`;
  return `Takes ${written} ${unit} of ${name} for one pH, ± ${spread} %, ${from}.`;
}

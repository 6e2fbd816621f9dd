import type { Contradiction, DoseOutcome, TankBelieved } from '@/book/answers';
import type { Nutrients } from '@/core/chemistry';
import type { DosePlan, DoseRefusal, Measure } from '@/core/dosing';
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
    case 'secondReading': {
      if (refusal.why === 'notRead')
        return {
          what: 'The last dose was not read since it mixed.',
          wayOn: `Read it from ${clock(refusal.notBeforeMs)} on, and once more five minutes later: two that agree carry the next dose.`,
        };
      const wait = `Read it again from ${clock(refusal.notBeforeMs)} on.`;
      return refusal.why === 'afterDose'
        ? {
            what: `${formats.number(refusal.firstPh, 2)} needs a second reading.`,
            wayOn: `${wait} Two that agree within 0.05 say that the dose has mixed; a tank dosed before that goes too far.`,
          }
        : {
            what: `${formats.number(refusal.firstPh, 2)} is only probably out of band.`,
            wayOn: `${wait} When both agree, a dose is planned.`,
          };
    }
    case 'contradicted':
      return {
        what: 'What was read does not fit what is told of this water.',
        wayOn: 'Nothing more is planned until you say what holds.',
      };
    case 'noRoom':
      return {
        what: 'There is no room for a dose.',
        wayOn:
          'Even a small one could pass the far edge: too little is known of this tank, or the band is narrow for this pen’s ±. A jar test tells more; so does a check of the pen.',
      };
    case 'tooSmall':
      return {
        what: 'So little nobody can pour.',
        wayOn: 'Less than ten drops of one in a thousand. Leave it, or read again later.',
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
export function limitWords({ limitedBy }: Pick<DosePlan, 'limitedBy'>, farEdge: string): string {
  switch (limitedBy) {
    case 'aim':
      return 'This reaches the aim as likely as not.';
    case 'farEdge':
      return `More could pass ${farEdge}.`;
    case 'stepPh':
      return 'More could move it by over 0.9 pH in one go.';
    case 'grows':
      return 'Four times the largest dose that was read here: no more until this one is.';
  }
}

/** What keeps the first dose of a jar test small. */
export const JAR_LIMIT_WORDS = {
  firstStep: 'A first step; the rest after a re-read.',
  farEdge: 'Kept so that it cannot pass the far edge of the band.',
} as const;

const range = (low: number, high: number, digits: number, formats: Formats) =>
  `${formats.number(low, digits)} to ${formats.number(high, digits)}`;

/** What is believed of a tank, in a sentence or two. */
export function believedWords(believed: TankBelieved | undefined, formats: Formats): string {
  if (!believed) return '';
  const { kind, toldAlkalinityMmolPerL: told, alkalinityMmolPerL: alk, factor } = believed;
  const said: string[] = [];
  if (kind === 'fresh' && alk && told !== undefined)
    said.push(
      `Filled with water of ${formats.number(alk.mean, 1)} mmol/L alkalinity (${range(alk.low, alk.high, 1, formats)}); told ${formats.number(told, 1)}.`,
    );
  if (kind === 'inUse') said.push('A feed in use: its water’s alkalinity is spent.');
  if (factor)
    said.push(
      `It resists ${formats.number(factor.mean, 1)} times as much as a usual feed (${range(factor.low, factor.high, 1, formats)}).`,
    );
  return said.join(' ');
}

/** Where a fill is in doubt. */
export function doubtWords({ unwitnessed, neverFilled }: TankBelieved, formats: Formats): string {
  if (!unwitnessed || neverFilled === undefined) return '';
  return `Its EC does not show that it was filled afresh: ${formats.number(100 * neverFilled, 0)} % that it was not. The dose is safe either way.`;
}

/** What contradicts, and what would fit. */
export function contradictionWords(contradiction: Contradiction, formats: Formats): string {
  const { readPh, expectedPh, fitsMmolPerL, toldMmolPerL, neverFilled, dose } = contradiction;
  const down = dose.body.what === 'acid';
  const takes = (down ? readPh < expectedPh : readPh > expectedPh) ? 'less' : 'more';
  const what = down ? 'acid' : 'base';
  const read = `Expected ${formats.number(expectedPh, 2)}, read ${formats.number(readPh, 2)} twice.`;
  const fits =
    fitsMmolPerL === undefined || toldMmolPerL === undefined
      ? `This tank takes ${takes} ${what} than a usual feed.`
      : `The water takes ${takes} ${what} than its report says: ${formats.number(fitsMmolPerL, 1)} instead of ${formats.number(toldMmolPerL, 1)} mmol/L fits what happened.`;
  if (!neverFilled) return `${read} ${fits}`;
  const water =
    fitsMmolPerL === undefined || toldMmolPerL === undefined
      ? ''
      : ` If it was, its water holds ${formats.number(fitsMmolPerL, 1)} instead of ${formats.number(toldMmolPerL, 1)} mmol/L.`;
  return `${read} Most likely it was never filled afresh.${water}`;
}

const ELEMENT = { N: 'nitrogen', P: 'phosphorus', S: 'sulfur', K: 'potassium' } as const;

/** What the dose feeds. */
export function nutrientWords(nutrients: Nutrients, formats: Formats): string {
  const parts = (Object.keys(nutrients) as (keyof Nutrients)[]).map(
    (element) => `${formats.number(nutrients[element] ?? 0, 1)} mg/L of ${ELEMENT[element]}`,
  );
  return parts.length === 0 ? '' : `Adds ${parts.join(' and ')}.`;
}

const ofDilution = ({ parts }: Measure, formats: Formats) =>
  parts === undefined ? '' : ` of 1 in ${formats.number(parts, 0)}`;

/** An amount in the measure of its plan: "3.1 mL", "14 drops of 1 in 100", "12.3 g". */
export function measuredWords(amount: number, measure: Measure, formats: Formats): string {
  const { unit, perAmount } = measure;
  const value = amount * perAmount;
  const digits = unit === 'g' ? 1 : 0;
  const written =
    unit === 'mL' ? formats.doseMl(value) : `${formats.number(value, digits)} ${unit}`;
  return `${written}${ofDilution(measure, formats)}`;
}

/** An amount as it is poured: mL, grams, or so much of a dilution that is made for it. */
export function amountWords({ unit, firstAmount, pour }: DosePlan, formats: Formats) {
  if (unit === 'g')
    return {
      amount: formats.number(firstAmount, firstAmount < 10 ? 2 : 1),
      unit: 'g',
      dilution: undefined,
    };
  if (pour.kind !== 'diluted') {
    const [amount = '', volume = 'mL'] = formats.doseMl(firstAmount).split(' ');
    return { amount, unit: volume, dilution: undefined };
  }
  const one = `1 in ${formats.number(pour.parts, 0)}`;
  return pour.drops === undefined
    ? { amount: formats.number(pour.ml, 1), unit: `mL of ${one}`, dilution: pour.parts }
    : { amount: formats.number(pour.drops, 0), unit: `drops of ${one}`, dilution: pour.parts };
}

/** How a dilution is made: water first. */
export function dilutionWords(parts: number, formats: Formats): string {
  const [product, water] = parts === 50 ? [2, 98] : [1, parts - 1];
  return `Make it first: ${formats.number(water, 0)} mL of water in a marked jug, then ${formats.number(product, 0)} mL of the product into it. Use it the same day, then pour the rest away.`;
}

/** What became of a dose: read as expected, or why it taught nothing. */
export function outcomeWords(outcome: DoseOutcome, formats: Formats): string {
  const { readPh, expected, left, lone } = outcome;
  if (left === 'excluded') return 'left out by hand';
  if (left === 'notRead' || readPh === undefined) return 'not read since';
  const read = `read ${formats.number(readPh, 2)}`;
  if (left === 'whileMixing' || !expected) return `${read} while mixing: teaches nothing`;
  const wanted = `expected ${formats.number(expected.ph, 2)} (${range(expected.lowPh, expected.highPh, 2, formats)})`;
  return `${read}, ${wanted}${lone ? '; no second reading, so it counts for less' : ''}`;
}

/** What one pH takes of a product in this tank: "13 mL of pH down for one pH (9 to 19)." */
export function onePhWords(
  { amount, low, high }: DosePlan['onePh'],
  { name, measure }: { readonly name: string; readonly measure: Measure },
  formats: Formats,
): string {
  const { perAmount, unit } = measure;
  const digits = unit !== 'drops' && amount * perAmount < 10 ? 1 : 0;
  const spread = range(Math.max(0, low) * perAmount, high * perAmount, digits, formats);
  const middle = `${formats.number(amount * perAmount, digits)} ${unit}${ofDilution(measure, formats)}`;
  return `Takes ${middle} of ${name} for one pH (${spread}).`;
}

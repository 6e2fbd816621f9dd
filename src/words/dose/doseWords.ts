import type { Contradiction, DoseOutcome, TankBelieved } from '@/book/answers';
import type { Nutrients } from '@/core/chemistry';
import type { DosePlan, DoseRefusal, Measure } from '@/core/dosing';
import type { JudgedValue } from '@/core/readings';
import { counted, clock, judgedWords, type Formats } from '@/words';

/** Why no dose is proposed, and the way on. */
export function refusalWords(
  refusal: DoseRefusal,
  formats: Formats,
): { readonly what: string; readonly wayOn: string } {
  switch (refusal.reason) {
    case 'cannotTell':
      return {
        what: 'No dose on this reading.',
        wayOn:
          'Its ± is too wide for this band. Check the pen (about 2 minutes for each cup), then read again.',
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
        wayOn: 'Read the tank again then. The effects of two doses at once cannot be told apart.',
      };
    case 'chasing':
      return {
        what: 'Acid and base within one hour.',
        wayOn: `Wait ${counted(Math.ceil(refusal.waitMinutes), 'minute')} and read again before correcting back. Or go on, and say why.`,
      };
    case 'secondReading': {
      if (refusal.why === 'notRead')
        return {
          what: 'The tank was not read since the last dose mixed.',
          wayOn: `Read the tank from ${clock(refusal.notBeforeMs)} on, and once more 5 minutes later. When both agree, the next dose is planned.`,
        };
      const wait = `Read the tank again from ${clock(refusal.notBeforeMs)} on.`;
      return refusal.why === 'afterDose'
        ? {
            what: `pH ${formats.number(refusal.firstPh, 2)} needs a second reading.`,
            wayOn: `${wait} When two readings agree within 0.05 pH, the dose has mixed. A dose before that goes too far.`,
          }
        : {
            what: `pH ${formats.number(refusal.firstPh, 2)} is only probably out of band.`,
            wayOn: `${wait} When both agree, a dose is planned.`,
          };
    }
    case 'contradicted':
      return {
        what: 'The readings do not fit this water’s report.',
        wayOn: 'Nothing more is planned until you choose what is right.',
      };
    case 'noRoom':
      return {
        what: 'There is no room for a dose.',
        wayOn:
          'Even a small dose could pass the far edge of the band. Too little is known of this tank, or the pen’s ± is wide for this band. A jar test tells more. So does a check of the pen.',
      };
    case 'tooSmall':
      return {
        what: 'The dose is too small to pour.',
        wayOn: 'It is less than 10 drops of a 1 in 1000 dilution. Leave it, or read again later.',
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
      return 'This is as likely to fall short of the aim as to pass it.';
    case 'farEdge':
      return `A larger dose could pass pH ${farEdge}.`;
    case 'stepPh':
      return 'A larger dose could move the tank by more than 0.9 pH at once.';
    case 'grows':
      return 'This is four times the largest dose that was read in this tank. Read this one before pouring more.';
  }
}

/** What keeps the first dose of a jar test small. */
export const JAR_LIMIT_WORDS = {
  firstStep: 'A first step. Pour the rest after reading again.',
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
      `Its water seems to hold ${formats.number(alk.mean, 1)} mmol/L alkalinity (${range(alk.low, alk.high, 1, formats)}). The report says ${formats.number(told, 1)}.`,
    );
  if (kind === 'inUse')
    said.push('This feed is in use, so the alkalinity of its water is used up.');
  if (factor)
    said.push(
      `Its pH resists ${formats.number(factor.mean, 1)} times as much as that of a usual feed (${range(factor.low, factor.high, 1, formats)}).`,
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
  const read = `Expected pH ${formats.number(expectedPh, 2)}, read pH ${formats.number(readPh, 2)} twice.`;
  const fits =
    fitsMmolPerL === undefined || toldMmolPerL === undefined
      ? `This tank takes ${takes} ${what} than a usual feed.`
      : `The water takes ${takes} ${what} than its report says: ${formats.number(fitsMmolPerL, 1)} instead of ${formats.number(toldMmolPerL, 1)} mmol/L fits what happened.`;
  if (!neverFilled) return `${read} ${fits}`;
  const water =
    fitsMmolPerL === undefined || toldMmolPerL === undefined
      ? ''
      : ` If it was, the alkalinity of its water is ${formats.number(fitsMmolPerL, 1)} instead of ${formats.number(toldMmolPerL, 1)} mmol/L.`;
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

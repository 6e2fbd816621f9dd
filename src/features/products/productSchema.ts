import { z } from 'zod';
import { DENSITY_G_PER_ML, type Reagent } from '@/core/chemistry';
import { typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { OwnProduct } from '@/records/kinds';
import { PRODUCT_REAGENTS } from '@/records/kinds';
import type { Formats } from '@/words';

const positive = (what: string, most: number) =>
  typedNumberOrNothing(what).refine(
    (value) => value === undefined || (value > 0 && value <= most),
    `Above zero, at most ${most}.`,
  );

/** Above these percentages a product is for trained people, by mass. */
const TRAINED_ABOVE_PERCENT: Readonly<Partial<Record<Reagent, number>>> = {
  nitric: 3,
  sulfuric: 15,
  phosphoric: 40,
  koh: 5,
  k2co3: 40,
};

/** What the label of a product says, as typed. */
export const productFormSchema = z
  .object({
    name: z.string().trim().min(1, 'As the label names it.').max(200),
    reagent: z.enum(PRODUCT_REAGENTS),
    strength: z.enum(['percent', 'weightByVolume', 'dry', 'equivalents', 'unknown']),
    percent: positive('percentage', 100),
    density: typedNumberOrNothing('density').refine(
      (value) => value === undefined || (value >= 0.9 && value <= 2),
      'In g/mL liquids lie between 0.9 and 2.',
    ),
    equivalents: positive('strength', 40),
    gPerL: positive('weight', 2000),
    parts: typedNumberOrNothing('parts').refine(
      (value) => value === undefined || (value >= 1 && value <= 10_000),
      'One part in how many: 1 to 10 000.',
    ),
    left: typedNumberOrNothing('amount').refine(
      (value) => value === undefined || value >= 0,
      'Zero or more.',
    ),
    note: z.string().max(4000),
  })
  .superRefine((form, context) => {
    const need = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (form.strength === 'percent' && form.percent === undefined)
      need('percent', 'The percentage by mass on the label.');
    const unnamed = form.reagent === 'strongAcid' || form.reagent === 'strongBase';
    if (form.strength === 'percent' && form.percent !== undefined && unnamed)
      need(
        'percent',
        'Percent of what? Say what it is made of: a percentage alone is no strength.',
      );
    if (form.strength === 'percent' && form.density === undefined)
      need('density', 'On the label or its safety data sheet; a litre of it weighs that many kg.');
    if (form.strength === 'weightByVolume' && form.gPerL === undefined)
      need('gPerL', 'Grams in a litre: 10 % w/v is 100 g/L.');
    if (form.strength === 'weightByVolume' && unnamed)
      need('gPerL', 'Grams of what? Say what it is made of.');
    if (form.strength === 'equivalents' && form.equivalents === undefined)
      need('equivalents', 'In mol/L.');
  });

export type ProductIn = z.input<typeof productFormSchema>;
export type ProductOut = z.output<typeof productFormSchema>;

function strengthOf(form: ProductOut): OwnProduct['strength'] {
  const { strength, percent, density, equivalents, gPerL } = form;
  if (strength === 'percent' && percent !== undefined && density !== undefined)
    return { kind: 'percentByMass', percent, densityGPerMl: density };
  if (strength === 'weightByVolume' && gPerL !== undefined)
    return { kind: 'weightByVolume', gPerL };
  if (strength === 'equivalents' && equivalents !== undefined)
    return { kind: 'equivalents', molPerL: equivalents };
  return strength === 'dry' ? { kind: 'dry' } : { kind: 'unknown' };
}

/** Whether a strength is one that many places keep to trained people. */
export function isForTrained(reagent: Reagent, strength: OwnProduct['strength']): boolean {
  const limit = TRAINED_ABOVE_PERCENT[reagent];
  if (limit === undefined) return false;
  if (strength.kind === 'percentByMass') return strength.percent > limit;
  // A litre of it weighs a kilogram or more: grams in a litre over ten are at most percent by mass.
  return strength.kind === 'weightByVolume' && strength.gPerL / 10 > limit;
}

/** The record a label stands for. */
export function productOf(form: ProductOut, now: string): OwnProduct {
  const strength = strengthOf(form);
  const { name, reagent, parts, left, note } = form;
  return {
    name,
    reagent,
    strength,
    dilutedParts: parts === 1 ? undefined : parts,
    group: isForTrained(reagent, strength) ? 'trained' : 'home',
    left,
    leftAt: left === undefined ? undefined : now,
    note,
  };
}

/** The usual density of a reagent at a percentage, where one is known. */
export function usualDensity(reagent: Reagent, percent: number | undefined): number | undefined {
  const entry = Object.entries(DENSITY_G_PER_ML).find(([key]) => key === `${reagent}${percent}`);
  return entry?.[1];
}

/** The form as it opens. */
export function productDefaults(
  product: OwnProduct | undefined,
  left: number | undefined,
  formats: Formats,
): ProductIn {
  const mark = (value: number | undefined) =>
    value === undefined
      ? ''
      : String(Number(value.toFixed(4))).replace('.', formats.settings.decimalMark);
  const strength = product?.strength;
  const percent = strength?.kind === 'percentByMass' ? strength : undefined;
  return {
    name: product?.name ?? '',
    reagent: product?.reagent ?? 'strongAcid',
    strength: strength?.kind === 'percentByMass' ? 'percent' : (strength?.kind ?? 'unknown'),
    percent: mark(percent?.percent),
    density: mark(percent?.densityGPerMl),
    gPerL: mark(strength?.kind === 'weightByVolume' ? strength.gPerL : undefined),
    equivalents: mark(strength?.kind === 'equivalents' ? strength.molPerL : undefined),
    parts: mark(product?.dilutedParts),
    left: mark(left),
    note: product?.note ?? '',
  };
}

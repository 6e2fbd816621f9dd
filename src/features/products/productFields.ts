import { marked } from '@/features/parts/typedNumber';
import { z } from 'zod';
import { usualDensityGPerMl, type Reagent } from '@/core/chemistry';
import {
  fieldOf,
  openedWith,
  schemaOf,
  type ReadOut,
  type Standing,
  type TypedIn,
} from '@/features/parts/fields/field';
import { ABOVE_ZERO, numberOrNothing } from '@/features/parts/fields/kinds';
import type { OwnProduct } from '@/records/kinds';
import { PRODUCT_REAGENTS } from '@/records/kinds';
import { isForTrained } from '@/records/products';
import { parseDecimal, type Formats } from '@/words';
import { leadsDown, REAGENT_NAME } from '@/words/products/reagents';

const upTo = (what: string, most: number) =>
  numberOrNothing(what, {
    from: ABOVE_ZERO,
    to: most,
    message: `Above zero, at most ${most}.`,
  });

/** A product as the form opens on it, with what is left by what was poured since. */
interface Opened {
  readonly body: OwnProduct | undefined;
  readonly left: number | undefined;
}

const productField = fieldOf<Opened>();
const isStated =
  (strength: string) =>
  (standing: Standing): boolean =>
    standing.strength === strength;

/** What it is called and made of; what it is made of among those that lead the pH its way. */
export const namedFields = (down: boolean) => ({
  name: productField({
    label: 'What the label calls it',
    schema: z.string().trim().min(1, 'As the label names it.').max(200),
    from: ({ body }) => body?.name ?? '',
  }),
  reagent: productField({
    label: 'What is it made of?',
    list: true,
    options: PRODUCT_REAGENTS.filter((each) => leadsDown(each) === down).map((value) => ({
      value,
      label: REAGENT_NAME[value],
    })),
    schema: z.enum(PRODUCT_REAGENTS),
    from: ({ body }) => body?.reagent ?? 'strongAcid',
  }),
});

/** How strong its label says it is. */
export const strengthFields = (formats: Formats) => ({
  strength: productField({
    label: 'What does the label say of its strength?',
    options: [
      { value: 'percent', label: 'percent by mass', hint: '% w/w' },
      { value: 'weightByVolume', label: 'grams in a litre', hint: '% w/v: ten times as many g/L' },
      { value: 'dry', label: 'a powder', hint: 'dosed in grams' },
      { value: 'equivalents', label: 'mol/L of acid or base', hint: 'from a test, or the maker' },
      { value: 'unknown', label: 'nothing', hint: 'its doses, or a jar test, tell' },
    ],
    schema: z.enum(['percent', 'weightByVolume', 'dry', 'equivalents', 'unknown']),
    from: ({ body }) =>
      body?.strength.kind === 'percentByMass' ? 'percent' : (body?.strength.kind ?? 'unknown'),
  }),
  percent: productField({
    label: 'Percent by mass',
    unit: '%',
    numeric: true,
    when: isStated('percent'),
    schema: upTo('percentage', 100),
    from: ({ body }) =>
      marked(
        formats,
        4,
      )(body?.strength.kind === 'percentByMass' ? body.strength.percent : undefined),
  }),
  density: productField({
    label: 'Density',
    unit: 'g/mL',
    hint: 'How much a mL weighs: concentrated acids weigh 1.2 to 1.7 g.',
    numeric: true,
    beside: 'wide',
    when: isStated('percent'),
    offer: ({ reagent, percent }) => {
      const typed = parseDecimal(String(percent));
      const usual = usualDensityGPerMl(reagent as Reagent, typed.ok ? typed.value : undefined);
      if (usual === undefined) return undefined;
      const value = formats.number(usual, 3);
      return { label: `Use the usual ${value} g/mL`, value };
    },
    schema: numberOrNothing('density', {
      from: 0.9,
      to: 2,
      message: 'In g/mL liquids lie between 0.9 and 2.',
    }),
    from: ({ body }) =>
      marked(
        formats,
        4,
      )(body?.strength.kind === 'percentByMass' ? body.strength.densityGPerMl : undefined),
  }),
  gPerL: productField({
    label: 'In a litre',
    unit: 'g/L',
    hint: 'A label of 10 % w/v holds 100 g/L.',
    numeric: true,
    when: isStated('weightByVolume'),
    schema: upTo('weight', 2000),
    from: ({ body }) =>
      marked(
        formats,
        4,
      )(body?.strength.kind === 'weightByVolume' ? body.strength.gPerL : undefined),
  }),
  equivalents: productField({
    label: 'Strength',
    unit: 'mol/L',
    numeric: true,
    when: isStated('equivalents'),
    schema: upTo('strength', 40),
    from: ({ body }) =>
      marked(formats, 4)(body?.strength.kind === 'equivalents' ? body.strength.molPerL : undefined),
  }),
  parts: productField({
    label: 'Diluted here: one part in',
    hint: 'Empty when it is poured as it comes. 1 part in 10 is written 10.',
    numeric: true,
    schema: numberOrNothing('parts', {
      from: 1,
      to: 10_000,
      message: 'One part in how many: 1 to 10 000.',
    }),
    from: ({ body }) => marked(formats, 4)(body?.dilutedParts),
  }),
  left: productField({
    label: 'Left on the Shelf',
    unit: ({ strength }) => (strength === 'dry' ? 'g' : 'mL'),
    hint: 'What you pour is taken off from now on.',
    numeric: true,
    beside: 'wide',
    schema: numberOrNothing('amount', { from: 0, to: Infinity, message: 'Zero or more.' }),
    from: ({ left }) => marked(formats, 4)(left),
  }),
  note: productField({
    label: 'Note',
    schema: z.string().max(4000),
    from: ({ body }) => body?.note ?? '',
  }),
});

const productFields = (formats: Formats) => ({
  ...namedFields(true),
  ...strengthFields(formats),
});

type ProductFields = ReturnType<typeof productFields>;
export type ProductIn = TypedIn<ProductFields>;
export type ProductOut = ReadOut<ProductFields>;

/** What the form takes; a strength without what it needs is told at its field. */
export const productFormSchema = (formats: Formats) =>
  schemaOf(productFields(formats)).superRefine((form, context) => {
    const need = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    const unnamed = form.reagent === 'strongAcid' || form.reagent === 'strongBase';
    if (form.strength === 'percent') {
      if (form.percent === undefined) need('percent', 'The percentage by mass on the label.');
      else if (unnamed)
        need(
          'percent',
          'Percent of what? Say what it is made of: a percentage alone is no strength.',
        );
      if (form.density === undefined)
        need(
          'density',
          'On the label or its safety data sheet; a litre of it weighs that many kg.',
        );
    }
    if (form.strength === 'weightByVolume') {
      if (form.gPerL === undefined) need('gPerL', 'Grams in a litre: 10 % w/v is 100 g/L.');
      if (unnamed) need('gPerL', 'Grams of what? Say what it is made of.');
    }
    if (form.strength === 'equivalents' && form.equivalents === undefined)
      need('equivalents', 'In mol/L.');
  });

/** The form as it opens. */
export const productDefaults = (
  body: OwnProduct | undefined,
  left: number | undefined,
  formats: Formats,
): ProductIn => openedWith(productFields(formats), { body, left });

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

import { z } from 'zod';
import { typedNumberOrNothing } from '../typedNumber';
import { dayMs, dayText, instantOf } from '../days';
import { partsSays } from '@/words/parts/parts';
import { commonSays } from '@/words/common';
import type { Drawn, Field } from './field';

const YES_NO = [
  { value: 'no', label: commonSays.no },
  { value: 'yes', label: commonSays.yes },
] as const;

interface Told<Value, Body> {
  from(body: Body): Value | undefined;
  into(value: Value, body: Body): Body;
}

/** A question answered by yes or no. */
export const yesNo = <Body>({
  from,
  into,
  ...drawn
}: Told<boolean, Body> & Omit<Drawn, 'options'>): Field<'yes' | 'no', boolean, Body> => ({
  ...drawn,
  options: YES_NO,
  schema: z.enum(['yes', 'no']).transform((said) => said === 'yes'),
  from: (body) => (from(body) ? 'yes' : 'no'),
  into,
});

/** A number that may be left out, in its range; what is wrong stands at its field. */
export const numberOrNothing = (
  what: string,
  { from, to, message }: { readonly from: number; readonly to: number; readonly message: string },
) =>
  typedNumberOrNothing(what).refine(
    (value) => value === undefined || (value >= from && value <= to),
    message,
  );

/** The least number above nothing that anyone types. */
export const ABOVE_ZERO = 1e-9;

/** A day as people write it, or nothing. */
export const typedDay = z
  .string()
  .refine((text) => text === '' || !Number.isNaN(dayMs(text)), partsSays.noDay);

/** A day that a record keeps as year-month-day; one that was typed otherwise before stays as it is. */
export const dayLine = <Body>({
  from,
  into,
  ...drawn
}: Told<string, Body> & Drawn): Field<string, string, Body> => ({
  ...drawn,
  day: true,
  schema: typedDay,
  from: (body) => from(body) ?? '',
  into: (typed, body) => into(typed === '' ? '' : dayText(instantOf(typed)), body),
});

/** A line of text; nothing is an empty line. */
export const line = <Body>({
  from,
  into,
  most = 200,
  ...drawn
}: Told<string, Body> & Drawn & { readonly most?: number }): Field<string, string, Body> => ({
  ...drawn,
  schema: z.string().max(most),
  from: (body) => from(body) ?? '',
  into,
});

import { z } from 'zod';
import type { DisputeId } from '@/words';

/** One answer of a choice. */
interface FieldOption {
  readonly value: string;
  readonly label: string;
  readonly hint?: string;
}

/** What stands in a form while it is drawn. */
export type Standing = Readonly<Record<string, unknown>>;

/** A text, or one that follows what else stands in the form. */
export type Follows<Value> = Value | ((standing: Standing) => Value);

/** How a field is drawn. */
export interface Drawn {
  readonly label: Follows<string>;
  readonly hint?: string;
  readonly unit?: Follows<string>;
  /** Opens the number keys. */
  readonly numeric?: boolean;
  /** A day, picked from a calendar. */
  readonly day?: boolean;
  /** Its answers, where it is a choice; a text field otherwise. */
  readonly options?: readonly FieldOption[];
  /** Answers in a list that opens, not side by side. */
  readonly list?: boolean;
  /** Where the trade is of two minds: the reason and the other school stand below. */
  readonly disputed?: DisputeId;
  /** Stands in one row with the field before it: on a wide page, or on a phone too. */
  readonly beside?: 'wide' | 'always';
  /** Whether it is asked at all. */
  when?(standing: Standing): boolean;
  /** A value to be taken by one press. */
  offer?(standing: Standing): { readonly label: string; readonly value: string } | undefined;
}

/** What a text comes to in a form. */
export const following = <Value extends string>(
  value: Follows<Value>,
  standing: Standing,
): Value => (typeof value === 'function' ? value(standing) : value);

/**
 * All there is to know of a field of a form: what it is called, what may be typed, how it opens and what
 * the record takes of it. Everything typed is a text.
 */
export interface Field<In extends string, Out, Body> extends Drawn {
  readonly schema: z.ZodType<Out, In>;
  /** The field as the form opens. */
  from(body: Body): In;
  /** The record with this field in it; absent where the record takes several fields together. */
  into?(value: Out, body: Body): Body;
}

type AnySchema = z.ZodType<unknown, string>;

/** The fields of a form by their names, in the order they are asked and taken into the record. */
export type Fields<Body> = Readonly<Record<string, Field<string, unknown, Body>>>;

/** What stands in a form of these fields. */
export type TypedIn<F> = {
  [K in keyof F]: F[K] extends { readonly schema: infer S extends z.ZodType } ? z.input<S> : never;
};

/** What is read out of it. */
export type ReadOut<F> = {
  [K in keyof F]: F[K] extends { readonly schema: infer S extends z.ZodType } ? z.output<S> : never;
};

/** Binds descriptions to one kind of record: `const field = fieldOf<Pen>()`. */
export const fieldOf =
  <Body>() =>
  <In extends string, Out>(described: Field<In, Out, Body>): Field<In, Out, Body> =>
    described;

/** What may be typed into all of them; each message stands at its own field. */
export function schemaOf<F extends Readonly<Record<string, { readonly schema: AnySchema }>>>(
  fields: F,
) {
  const shape = Object.fromEntries(Object.entries(fields).map(([name, f]) => [name, f.schema]));
  return z.object(shape as { [K in keyof F]: F[K]['schema'] });
}

/** The form as it opens. */
export function openedWith<Body, F extends Fields<Body>>(fields: F, body: Body): TypedIn<F> {
  const opened = Object.entries(fields).map(([name, field]) => [name, field.from(body)]);
  return Object.fromEntries(opened) as TypedIn<F>;
}

/** The record the form stands for: each field in its order; what is not asked keeps its value. */
export function takenInto<Body, F extends Fields<Body>>(
  fields: F,
  out: ReadOut<F>,
  body: Body,
): Body {
  return Object.entries(fields).reduce(
    (taken, [name, field]) => field.into?.(out[name as keyof F], taken) ?? taken,
    body,
  );
}

import { parseDecimal, parseMoment } from '@/words';
import { amendSays } from '@/words/book/amend';

/** What a field takes. */
type Takes =
  | { readonly as: 'number'; readonly low: number; readonly high: number }
  | { readonly as: 'text'; readonly most: number }
  /** A moment; one that is still to come only where it may. */
  | { readonly as: 'moment'; readonly ahead?: boolean }
  | {
      readonly as: 'choice';
      readonly options: readonly { readonly value: string; readonly label: string }[];
    };

/** A field of an entry that can be amended, and where what is typed in it goes. */
export interface AmendField<Body = unknown> {
  readonly name: string;
  readonly label: string;
  readonly unit?: string;
  /** As it stands. */
  readonly typed: string;
  readonly takes: Takes;
  /** The entry with another value: a number, a text, an ISO instant, a choice. */
  readonly put: (body: Body, value: never) => Body;
}

/** What is wrong with a field, by its name. */
export type AmendMessages = Readonly<Record<string, string>>;

/** What was typed in a field as its value; a message where it is none or cannot be. */
function valueOf(
  { takes }: AmendField,
  typed: string,
  nowMs: number,
): { readonly value: unknown } | { readonly message: string } {
  switch (takes.as) {
    case 'number': {
      const parsed = parseDecimal(typed);
      if (!parsed.ok) return { message: amendSays.aNumber };
      const { low, high } = takes;
      if (parsed.value < low || parsed.value > high)
        return { message: amendSays.fromTo(low, high) };
      return { value: parsed.value };
    }
    case 'moment': {
      const ms = parseMoment(typed);
      if (ms === undefined) return { message: amendSays.likeMoment };
      if (ms > nowMs && !takes.ahead) return { message: amendSays.toCome };
      return { value: new Date(ms).toISOString() };
    }
    case 'text':
      return typed.length > takes.most
        ? { message: amendSays.tooLong(takes.most) }
        : { value: typed };
    case 'choice':
      return { value: typed };
  }
}

interface Typed<Body> {
  readonly fields: readonly AmendField<Body>[];
  readonly body: Body;
  readonly typed: Readonly<Record<string, string>>;
  readonly nowMs: number;
}

/** The entry as it is amended, or what is wrong, field by field. What was left alone stays to the letter. */
export function amendedBody<Body>({
  fields,
  body,
  typed,
  nowMs,
}: Typed<Body>): { readonly body: Body } | { readonly messages: AmendMessages } {
  const messages: Record<string, string> = {};
  let amended = body;
  for (const field of fields) {
    const text = typed[field.name] ?? '';
    if (text === field.typed) continue;
    const result = valueOf(field as AmendField, text, nowMs);
    if ('message' in result) messages[field.name] = result.message;
    else amended = field.put(amended, result.value as never);
  }
  return Object.keys(messages).length > 0 ? { messages } : { body: amended };
}

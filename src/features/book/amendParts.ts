import type { BookNames, NamedRecord } from '@/book/answers';
import { celsiusFrom, temperatureFromCelsius } from '@/core/units';
import { writeMoment, type Formats } from '@/words';
import { amendSays } from '@/words/book/amend';
import type { AmendField } from './amendField';

/** What the fields are written with. */
export interface AmendAbout {
  readonly formats: Formats;
  readonly names: BookNames;
}

const NOTE_MOST = 4000;
const CODE_MOST = 80;
/** An amount of anything that is poured. */
export const AMOUNT = { as: 'number', low: 0, high: 1_000_000 } as const;
/** A pH value. */
export const PH = { as: 'number', low: 0, high: 14 } as const;

/** An instant as it is typed; empty where there is none. */
export const moment = (iso: string | undefined) => (iso ? writeMoment(Date.parse(iso)) : '');
/** A number as it is typed, to three decimals. */
export const round = (value: number) => String(Number(value.toFixed(3)));
/** Answers of a choice among things that have names. */
export const named = (list: readonly NamedRecord[]) =>
  list.map(({ id, name }) => ({ value: id, label: name }));

/** A choice among records; what is chosen now stands there even where it was taken out of use. */
export function among(list: readonly NamedRecord[], now: string) {
  const options = named(list);
  return {
    as: 'choice',
    options: options.some(({ value }) => value === now)
      ? options
      : [{ value: now, label: now.slice(-6) }, ...options],
  } as const;
}

/** The note of an entry. */
export const note = <B extends { note: string }>(body: B): AmendField<B> => ({
  name: 'note',
  label: amendSays.note,
  typed: body.note,
  takes: { as: 'text', most: NOTE_MOST },
  put: (was, value: string) => ({ ...was, note: value }),
});

/** When it happened. */
export const at = <B extends { at: string }>(body: B): AmendField<B> => ({
  name: 'when',
  label: amendSays.when,
  typed: moment(body.at),
  takes: { as: 'moment' },
  put: (was, value: string) => ({ ...was, at: value }),
});

/** A temperature in the house's unit, kept in °C. */
export function temperature<B>(
  tempC: number | undefined,
  { formats }: AmendAbout,
  { label, put }: { label: string; put: (was: B, tempC: number) => B },
): AmendField<B>[] {
  const unit = formats.settings.tempUnit;
  if (tempC === undefined) return [];
  const [low, high] = unit === '°C' ? [-5, 60] : [23, 140];
  return [
    {
      name: 'temp',
      label,
      unit,
      typed: round(temperatureFromCelsius(tempC, unit)),
      takes: { as: 'number', low, high },
      put: (was, value: number) => put(was, celsiusFrom(value, unit)),
    },
  ];
}

/** A plain number of a body. */
export const number = <B extends object>(
  name: keyof B & string,
  label: string,
  { value, unit, high }: { value: number; unit?: string; high: number },
): AmendField<B> => ({
  name,
  label,
  ...(unit ? { unit } : {}),
  typed: String(value),
  takes: { as: 'number', low: 0, high },
  put: (was, next: number) => ({ ...was, [name]: next }),
});

/** A text of an entry. */
export const text = <B extends object>(
  name: keyof B & string,
  label: string,
  value: string,
): AmendField<B> => ({
  name,
  label,
  typed: value,
  takes: { as: 'text', most: CODE_MOST },
  put: (was, next: string) => ({ ...was, [name]: next }),
});

import { z } from 'zod';
import { kindOfNominal } from '@/core/buffers';
import { typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Lot } from '@/records/kinds';
import type { Formats } from '@/words';

const day = z
  .string()
  .refine(
    (text) => text === '' || !Number.isNaN(dayMs(text)),
    'A day as year-month-day, or nothing.',
  );

/** A calendar day as typed to the local noon of that day, epoch ms; NaN when it is none. */
function dayMs(text: string): number {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) ? new Date(`${text}T12:00:00`).getTime() : NaN;
}

/** The instant a typed day stands for; undefined for an empty field. */
function instantOf(text: string): string | undefined {
  return text === '' ? undefined : new Date(dayMs(text)).toISOString();
}

/** An instant as a calendar day here. */
export function dayText(instant: string | undefined): string {
  if (!instant) return '';
  const at = new Date(instant);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}

/** What the lot form takes, all as typed. */
export const lotFormSchema = z
  .object({
    kind: z.enum(['buffer', 'ecStandard', 'storage', 'cleaner']),
    form: z.enum(['bottle', 'sachet', 'dissolvedSachet']),
    nominal: typedNumberOrNothing('value'),
    lotCode: z.string().trim().max(200),
    expires: day,
    opened: day,
    left: typedNumberOrNothing('amount').refine(
      (left) => left === undefined || left >= 0,
      'Zero or more.',
    ),
  })
  .superRefine(({ kind, nominal, opened, expires }, context) => {
    const issue = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (kind === 'buffer' && nominal === undefined)
      issue('nominal', 'Which buffer is it? 7, 4.01, 6.86…');
    if (kind === 'buffer' && nominal !== undefined && !kindOfNominal(nominal)) {
      issue('nominal', 'Known buffers: 4.00, 4.01, 6.86, 7.00, 7.01, 9.18, 10.01.');
    }
    if (kind === 'ecStandard' && !(nominal !== undefined && nominal > 0 && nominal <= 50)) {
      issue('nominal', 'Its value in mS/cm at 25 °C, e.g. 1.413.');
    }
    if (dayMs(opened) > Date.now() + 86_400_000) issue('opened', 'That day is still to come.');
    if (dayMs(expires) < new Date('2000-01-01').getTime())
      issue('expires', 'Look at the year again.');
  });

export type LotFormIn = z.input<typeof lotFormSchema>;
export type LotFormOut = z.output<typeof lotFormSchema>;

/** The form as it opens. */
export function lotDefaults(lot: Lot | undefined, formats: Formats): LotFormIn {
  const mark = (value: number | undefined) =>
    value === undefined ? '' : String(value).replace('.', formats.settings.decimalMark);
  return {
    kind: lot?.kind ?? 'buffer',
    form: lot?.form ?? 'bottle',
    nominal: mark(lot?.nominal),
    lotCode: lot?.lotCode ?? '',
    expires: dayText(lot?.expiresAt),
    opened: dayText(lot?.openedAt),
    left: mark(lot?.left),
  };
}

/** The lot a form stands for; what the form does not ask is kept. */
export function lotOf(form: LotFormOut, base: Lot | undefined): Lot {
  const { kind, lotCode, left, nominal } = form;
  const liquid = kind === 'buffer' || kind === 'ecStandard';
  return {
    ...(base ?? { note: '' }),
    kind,
    form: form.form,
    lotCode,
    left,
    nominal: liquid ? nominal : undefined,
    expiresAt: instantOf(form.expires),
    openedAt: instantOf(form.opened),
  };
}

import { z } from 'zod';
import { kindOfNominal } from '@/core/buffers';
import { dayMs, dayText, instantOf } from '@/features/parts/days';
import { typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Lot } from '@/records/kinds';
import type { Formats } from '@/words';
import { labelTableFields, readLabelTable, tableRows } from './labelTable';

const day = z
  .string()
  .refine(
    (text) => text === '' || !Number.isNaN(dayMs(text)),
    'A day as year-month-day, or nothing.',
  );

/** What the lot form takes, all as typed; EC in the book's unit. */
export const lotFormSchema = (formats: Formats) =>
  z
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
      tolerance: typedNumberOrNothing('tolerance').refine(
        (typed) => typed === undefined || (typed > 0 && typed <= 10),
        'As the label states it; leave it empty where it states none.',
      ),
      alphaPercent: typedNumberOrNothing('coefficient').refine(
        (typed) => typed === undefined || (typed >= 1 && typed <= 3),
        'Percent per °C, 1 to 3: most labels print about 1.9.',
      ),
      openLifeDays: typedNumberOrNothing('number of days').refine(
        (days) => days === undefined || (days >= 1 && days <= 3650),
        'Days, 1 or more.',
      ),
      ...labelTableFields,
    })
    .transform((form) =>
      form.kind === 'ecStandard' && form.nominal !== undefined
        ? { ...form, nominal: formats.ecFromTyped(form.nominal) }
        : form,
    )
    .superRefine(
      ({ kind, nominal, opened, expires, table: rows, tempUnit, tolerance }, context) => {
        const issue = (path: string, message: string) =>
          context.addIssue({ code: 'custom', path: path.split('.'), message });
        const valued = kind === 'buffer' || kind === 'ecStandard';
        const read = valued
          ? readLabelTable(rows, { kind, nominal, tempUnit, ecScale: formats.settings.ecScale })
          : undefined;
        for (const { at, field, message } of read?.issues ?? [])
          issue(`table.${at}.${field}`, message);
        if (kind === 'buffer' && tolerance !== undefined && tolerance > 0.2)
          issue('tolerance', 'In pH: 0.02 is usual, more than 0.2 is no buffer.');
        if (kind === 'buffer' && nominal === undefined)
          issue('nominal', 'Which buffer is it? 7, 4.01, 6.86…');
        const isTold = (read?.table.length ?? 0) > 1;
        if (kind === 'buffer' && nominal !== undefined && !kindOfNominal(nominal) && !isTold) {
          issue(
            'nominal',
            'Known buffers: 4.00, 4.01, 6.86, 7.00, 7.01, 9.18, 10.01. For another one, type the table of its label.',
          );
        }
        if (kind === 'ecStandard' && !(nominal !== undefined && nominal > 0 && nominal <= 50)) {
          issue(
            'nominal',
            `Its value in ${formats.ecUnit} at 25 °C, e.g. ${formats.ecPlain(1.413)}.`,
          );
        }
        if (dayMs(opened) > Date.now() + 86_400_000) issue('opened', 'That day is still to come.');
        if (dayMs(expires) < new Date('2000-01-01').getTime())
          issue('expires', 'Look at the year again.');
      },
    );

export type LotFormIn = z.input<ReturnType<typeof lotFormSchema>>;
export type LotFormOut = z.output<ReturnType<typeof lotFormSchema>>;

/** A label states an EC standard's tolerance in percent, a buffer's in pH. */
const toleranceScale = (kind: Lot['kind']) => (kind === 'ecStandard' ? 100 : 1);

/** The form as it opens. */
export function lotDefaults(lot: Lot | undefined, formats: Formats): LotFormIn {
  const mark = (value: number | undefined) =>
    value === undefined ? '' : String(value).replace('.', formats.settings.decimalMark);
  return {
    kind: lot?.kind ?? 'buffer',
    form: lot?.form ?? 'bottle',
    nominal:
      lot?.kind === 'ecStandard' && lot.nominal !== undefined
        ? formats.ecPlain(lot.nominal)
        : mark(lot?.nominal),
    lotCode: lot?.lotCode ?? '',
    expires: dayText(lot?.expiresAt),
    opened: dayText(lot?.openedAt),
    left: mark(lot?.left),
    tolerance: mark(lot?.tolerance && toleranceScale(lot.kind) * lot.tolerance),
    alphaPercent: mark(lot?.labelAlphaPerC && Number((100 * lot.labelAlphaPerC).toFixed(4))),
    openLifeDays: mark(lot?.openLifeDays),
    tempUnit: formats.settings.tempUnit,
    table: tableRows(lot, formats),
  };
}

/** The lot a form stands for; what the form does not ask is kept. */
export function lotOf(form: LotFormOut, base: Lot | undefined, formats: Formats): Lot {
  const { kind, lotCode, left, nominal, tolerance, openLifeDays, tempUnit, alphaPercent } = form;
  const liquid = kind === 'buffer' || kind === 'ecStandard';
  const { table } = liquid
    ? readLabelTable(form.table, { kind, nominal, tempUnit, ecScale: formats.settings.ecScale })
    : { table: [] };
  return {
    ...(base ?? { note: '' }),
    kind,
    form: form.form,
    lotCode,
    left,
    nominal: liquid ? nominal : undefined,
    tolerance: liquid && tolerance !== undefined ? tolerance / toleranceScale(kind) : undefined,
    labelTable: table.length > 0 ? [...table] : undefined,
    labelAlphaPerC:
      kind === 'ecStandard' && alphaPercent !== undefined ? alphaPercent / 100 : undefined,
    openLifeDays,
    expiresAt: instantOf(form.expires),
    openedAt: instantOf(form.opened),
  };
}

import { DAY_MS } from '@/core/units';
import { z } from 'zod';
import { kindOfNominal } from '@/core/buffers';
import { dayMs, dayText, instantOf } from '@/features/parts/days';
import {
  fieldOf,
  openedWith,
  schemaOf,
  type Standing,
  type TypedIn,
} from '@/features/parts/fields/field';
import { ABOVE_ZERO, numberOrNothing, typedDay } from '@/features/parts/fields/kinds';
import { marked, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Lot } from '@/records/kinds';
import type { Formats } from '@/words';
import { labelTableFields, readLabelTable, tableRows } from './labelTable';

const lotField = fieldOf<Lot | undefined>();
const isBuffer = ({ kind }: Standing) => kind === 'buffer';
/** Whether a value is printed on it: a buffer or a standard. */
export const hasValue = (kind: unknown): boolean => kind === 'buffer' || kind === 'ecStandard';

/** A label states an EC standard's tolerance in percent, a buffer's in pH. */
const toleranceScale = (kind: Lot['kind']) => (kind === 'ecStandard' ? 100 : 1);

/** Bottles mostly print mS/cm: what that is in the book's unit. */
const printedAs = (formats: Formats) =>
  formats.settings.ecScale === 'mS/cm'
    ? {}
    : { hint: `1.413 mS/cm on a label is ${formats.ecPlain(1.413)} ${formats.ecUnit}.` };

const liquid = (formats: Formats) => ({
  kind: lotField({
    label: 'What is it?',
    options: [
      { value: 'buffer', label: 'pH buffer' },
      { value: 'ecStandard', label: 'EC standard' },
      { value: 'storage', label: 'storage solution' },
      { value: 'cleaner', label: 'cleaner' },
    ],
    schema: z.enum(['buffer', 'ecStandard', 'storage', 'cleaner']),
    from: (lot) => lot?.kind ?? 'buffer',
  }),
  nominal: lotField({
    label: (standing) => (isBuffer(standing) ? 'Value printed large' : 'Value at 25 °C'),
    unit: (standing) => (isBuffer(standing) ? 'pH' : formats.ecUnit),
    ...printedAs(formats),
    numeric: true,
    when: ({ kind }) => hasValue(kind),
    schema: typedNumberOrNothing('value'),
    from: (lot) =>
      lot?.kind === 'ecStandard' && lot.nominal !== undefined
        ? formats.ecPlain(lot.nominal)
        : marked(formats)(lot?.nominal),
  }),
  alsoEc: lotField({
    label: 'Does it state an EC too?',
    unit: formats.ecUnit,
    hint: 'One bottle for both sides of a pen. Empty: it is a pH buffer only.',
    numeric: true,
    when: isBuffer,
    schema: typedNumberOrNothing('value'),
    from: (lot) => (lot?.alsoMsPerCm === undefined ? '' : formats.ecPlain(lot.alsoMsPerCm)),
  }),
  form: lotField({
    label: 'How does it come?',
    options: [
      { value: 'bottle', label: 'bottle' },
      { value: 'sachet', label: 'sachets' },
      { value: 'dissolvedSachet', label: 'dissolved by hand', hint: 'a powder sachet in 250 mL' },
    ],
    schema: z.enum(['bottle', 'sachet', 'dissolvedSachet']),
    from: (lot) => lot?.form ?? 'bottle',
  }),
});

const bottle = (formats: Formats) => ({
  lotCode: lotField({
    label: 'Lot number',
    schema: z.string().trim().max(200),
    from: (lot) => lot?.lotCode ?? '',
  }),
  expires: lotField({
    label: 'Expires',
    day: true,
    beside: 'wide',
    schema: typedDay,
    from: (lot) => dayText(lot?.expiresAt),
  }),
  opened: lotField({
    label: ({ form }) => (form === 'dissolvedSachet' ? 'Made on' : 'Opened on'),
    day: true,
    offer: () => ({ label: 'Today', value: dayText(new Date().toISOString()) }),
    schema: typedDay,
    from: (lot) => dayText(lot?.openedAt),
  }),
  left: lotField({
    label: 'Left',
    unit: ({ form }) => (form === 'sachet' ? 'sachets' : 'mL'),
    hint: '20 mL are taken for each calibration, or one sachet.',
    numeric: true,
    beside: 'wide',
    schema: numberOrNothing('amount', { from: 0, to: Infinity, message: 'Zero or more.' }),
    from: (lot) => marked(formats)(lot?.left),
  }),
  openLifeDays: lotField({
    label: 'Once opened it is good for',
    unit: 'days',
    hint: 'As its label says. Empty: 90, above pH 8 and when mixed by hand 30.',
    numeric: true,
    schema: numberOrNothing('number of days', { from: 1, to: 3650, message: 'Days, 1 or more.' }),
    from: (lot) => marked(formats)(lot?.openLifeDays),
  }),
});

/** What its label prints beyond its name; drawn by the label's own panel. */
const label = (formats: Formats) => ({
  tolerance: lotField({
    label: 'Tolerance',
    unit: (standing) => (isBuffer(standing) ? '± pH' : '± %'),
    numeric: true,
    schema: numberOrNothing('tolerance', {
      from: ABOVE_ZERO,
      to: 10,
      message: 'As the label states it; leave it empty where it states none.',
    }),
    from: (lot) => marked(formats)(lot?.tolerance && toleranceScale(lot.kind) * lot.tolerance),
  }),
  alphaPercent: lotField({
    label: 'Its coefficient',
    unit: '%/°C',
    hint: 'Where the label prints one instead of a table. Empty: what Zolder knows.',
    numeric: true,
    schema: numberOrNothing('coefficient', {
      from: 1,
      to: 3,
      message: 'Percent per °C, 1 to 3: most labels print about 1.9.',
    }),
    from: (lot) =>
      marked(formats)(lot?.labelAlphaPerC && Number((100 * lot.labelAlphaPerC).toFixed(4))),
  }),
});

/** The lot form, part by part; EC in the book's unit. */
export const lotParts = (formats: Formats) => ({
  liquid: liquid(formats),
  bottle: bottle(formats),
  label: label(formats),
});

function lotFields(formats: Formats) {
  const parts = lotParts(formats);
  return { ...parts.liquid, ...parts.bottle, ...parts.label };
}

/** A conductivity that a standard can have, mS/cm. */
const isEcStandard = (ecMsPerCm: number | undefined) =>
  ecMsPerCm !== undefined && ecMsPerCm > 0 && ecMsPerCm <= 50;

const ecExample = (formats: Formats) =>
  `Its value in ${formats.ecUnit} at 25 °C, e.g. ${formats.ecPlain(1.413)}.`;

/** No bottle expired before this. */
const EARLIEST_MS = new Date('2000-01-01').getTime();

/** What the form takes, all as typed; EC in the book's unit. */
export const lotFormSchema = (formats: Formats) =>
  schemaOf(lotFields(formats))
    .extend(labelTableFields)
    .transform((form) =>
      form.kind === 'ecStandard' && form.nominal !== undefined
        ? { ...form, nominal: formats.ecFromTyped(form.nominal) }
        : form,
    )
    .superRefine(
      ({ kind, nominal, alsoEc, opened, expires, table: rows, tempUnit, tolerance }, context) => {
        const issue = (path: string, message: string) =>
          context.addIssue({ code: 'custom', path: path.split('.'), message });
        const read =
          kind === 'buffer' || kind === 'ecStandard'
            ? readLabelTable(rows, { kind, nominal, tempUnit, ecScale: formats.settings.ecScale })
            : undefined;
        for (const { at, field, message } of read?.issues ?? [])
          issue(`table.${at}.${field}`, message);
        if (kind === 'buffer' && tolerance !== undefined && tolerance > 0.2)
          issue('tolerance', 'In pH: 0.02 is usual, more than 0.2 is no buffer.');
        if (kind === 'buffer' && alsoEc !== undefined && !isEcStandard(formats.ecFromTyped(alsoEc)))
          issue('alsoEc', ecExample(formats));
        if (kind === 'buffer' && nominal === undefined)
          issue('nominal', 'Which buffer is it? 7, 4.01, 6.86…');
        const isTold = (read?.table.length ?? 0) > 1;
        if (kind === 'buffer' && nominal !== undefined && !kindOfNominal(nominal) && !isTold)
          issue(
            'nominal',
            'Known buffers: 4.00, 4.01, 6.86, 7.00, 7.01, 9.18, 10.01. For another one, type the table of its label.',
          );
        if (kind === 'ecStandard' && !isEcStandard(nominal)) issue('nominal', ecExample(formats));
        if (dayMs(opened) > Date.now() + DAY_MS) issue('opened', 'That day is still to come.');
        if (dayMs(expires) < EARLIEST_MS) issue('expires', 'Look at the year again.');
      },
    );

export type LotFormIn = TypedIn<ReturnType<typeof lotFields>> &
  z.input<z.ZodObject<typeof labelTableFields>>;
export type LotFormOut = z.output<ReturnType<typeof lotFormSchema>>;

/** The form as it opens. */
export const lotDefaults = (lot: Lot | undefined, formats: Formats): LotFormIn => ({
  ...openedWith(lotFields(formats), lot),
  tempUnit: formats.settings.tempUnit,
  table: tableRows(lot, formats),
});

/** The lot a form stands for; what the form does not ask is kept. */
export function lotOf(form: LotFormOut, base: Lot | undefined, formats: Formats): Lot {
  const { kind, lotCode, left, nominal, tolerance, openLifeDays, tempUnit, alphaPercent } = form;
  const { table } =
    kind === 'buffer' || kind === 'ecStandard'
      ? readLabelTable(form.table, { kind, nominal, tempUnit, ecScale: formats.settings.ecScale })
      : { table: [] };
  return {
    ...(base ?? { note: '' }),
    kind,
    form: form.form,
    lotCode,
    left,
    nominal: hasValue(kind) ? nominal : undefined,
    alsoMsPerCm:
      kind === 'buffer' && form.alsoEc !== undefined ? formats.ecFromTyped(form.alsoEc) : undefined,
    tolerance:
      hasValue(kind) && tolerance !== undefined ? tolerance / toleranceScale(kind) : undefined,
    labelTable: table.length > 0 ? [...table] : undefined,
    labelAlphaPerC:
      kind === 'ecStandard' && alphaPercent !== undefined ? alphaPercent / 100 : undefined,
    openLifeDays,
    expiresAt: instantOf(form.expires),
    openedAt: instantOf(form.opened),
  };
}

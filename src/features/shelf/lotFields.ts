import { DAY_MS, type TempUnit } from '@/core/units';
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
import { lotTroubleSays } from '@/words/shelf/lotTroubles';
import { labelTableFields, readLabelTable, tableRows, type TypedRow } from './labelTable';

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
  lotTroubleSays.ecExample(formats.ecUnit, formats.ecPlain(1.413));

/** No bottle expired before this. */
const EARLIEST_MS = new Date('2000-01-01').getTime();

/** A lot as its form has read it; EC in mS/cm but for `alsoEc`, which is in the book's unit. */
interface ReadLot {
  readonly kind: Lot['kind'];
  readonly nominal?: number | undefined;
  readonly alsoEc?: number | undefined;
  readonly tolerance?: number | undefined;
  readonly opened: string;
  readonly expires: string;
  readonly tempUnit: TempUnit;
  readonly table: readonly TypedRow[];
}

interface Trouble {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** The table of its label, where it has a value. */
function tableOf({ kind, nominal, table, tempUnit }: ReadLot, formats: Formats) {
  if (kind !== 'buffer' && kind !== 'ecStandard') return { table: [], issues: [] };
  const { ecScale } = formats.settings;
  return readLabelTable(table, { kind, nominal, tempUnit, ecScale });
}

/** No buffer is sold with a wider tolerance, pH. */
const MOST_TOLERANCE_PH = 0.2;

/** What is wrong with a buffer; one that is not known needs the table of its label. */
function bufferTroubles(lot: ReadLot, hasTable: boolean, formats: Formats): readonly Trouble[] {
  const { nominal, alsoEc, tolerance = 0 } = lot;
  const wrongEc = alsoEc !== undefined && !isEcStandard(formats.ecFromTyped(alsoEc));
  const unknown = nominal !== undefined && !kindOfNominal(nominal) && !hasTable;
  return [
    ...(tolerance > MOST_TOLERANCE_PH
      ? [{ path: ['tolerance'], message: lotTroubleSays.noBuffer }]
      : []),
    ...(wrongEc ? [{ path: ['alsoEc'], message: ecExample(formats) }] : []),
    ...(nominal === undefined ? [{ path: ['nominal'], message: lotTroubleSays.whichBuffer }] : []),
    ...(unknown ? [{ path: ['nominal'], message: lotTroubleSays.knownBuffers }] : []),
  ];
}

/** What is wrong with a lot as it was typed, each at its field. */
function lotTroubles(lot: ReadLot, formats: Formats): readonly Trouble[] {
  const { kind, nominal, opened, expires } = lot;
  const { table, issues } = tableOf(lot, formats);
  const toCome = dayMs(opened) > Date.now() + DAY_MS;
  return [
    ...issues.map(({ at, field, message }) => ({ path: ['table', at, field], message })),
    ...(kind === 'buffer' ? bufferTroubles(lot, table.length > 1, formats) : []),
    ...(kind === 'ecStandard' && !isEcStandard(nominal)
      ? [{ path: ['nominal'], message: ecExample(formats) }]
      : []),
    ...(toCome ? [{ path: ['opened'], message: lotTroubleSays.toCome }] : []),
    ...(dayMs(expires) < EARLIEST_MS
      ? [{ path: ['expires'], message: lotTroubleSays.lookAtTheYear }]
      : []),
  ];
}

/** What the form takes, all as typed; EC in the book's unit. */
export const lotFormSchema = (formats: Formats) =>
  schemaOf(lotFields(formats))
    .extend(labelTableFields)
    .transform((form) =>
      form.kind === 'ecStandard' && form.nominal !== undefined
        ? { ...form, nominal: formats.ecFromTyped(form.nominal) }
        : form,
    )
    .superRefine((form, context) => {
      for (const { path, message } of lotTroubles(form, formats))
        context.addIssue({ code: 'custom', path: [...path], message });
    });

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
  const { kind, lotCode, left, nominal, tolerance, openLifeDays, alphaPercent } = form;
  const { table } = tableOf(form, formats);
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

import { cupTarget, judgeDip, type BenchEvent, type BenchPlan } from '@/core/procedure';
import {
  by,
  id,
  lotCode,
  moment,
  note,
  number,
  pen,
  tank,
  text,
  type Column,
  type Placed,
} from './outColumn';
import type { readingRow } from './readingRow';

/** A reading with what is made of it. */
export type Read = Placed<'reading'> & { readonly judged: ReturnType<typeof readingRow> };

/** Readings: as shown, and corrected with their ±. */
export const READINGS: readonly Column<Read>[] = [
  id as Column<Read>,
  moment('taken_at', 'taken at', ({ record }) => record.body.takenAt),
  tank(({ record }) => record.body.tankId),
  text('read_in', 'read in', ({ record }) => record.body.sampleKind),
  number('ph_shown', ['pH shown', 'pH'], ({ record }) => record.body.ph?.shown),
  text('ph_dips', 'pH, every dip', ({ record }) => {
    const { ph } = record.body;
    return ph?.repeats ? [ph.shown, ...ph.repeats].join(' ') : undefined;
  }),
  pen('ph_pen', ({ record }) => record.body.ph?.penId),
  number('ph_corrected', ['pH corrected', 'pH'], ({ judged }) => judged?.ph?.judged.value),
  number(
    'ph_expanded_u',
    ['pH ± (95 %)', 'pH'],
    ({ judged }) => judged?.ph?.judged.budget.expandedU,
  ),
  text('ph_verdict', 'pH verdict', ({ judged }) => judged?.ph?.judged.verdict),
  number('ec_shown', ['EC shown', 'in its scale'], ({ record }) => record.body.ec?.shown),
  text('ec_scale', 'EC scale', ({ record }) => record.body.ec?.scale),
  text('ec_dips', 'EC, every dip', ({ record }) => {
    const { ec } = record.body;
    return ec?.repeats ? [ec.shown, ...ec.repeats].join(' ') : undefined;
  }),
  pen('ec_pen', ({ record }) => record.body.ec?.penId),
  number(
    'ec_corrected_ms_per_cm',
    ['EC corrected to 25 °C', 'mS/cm'],
    ({ judged }) => judged?.ec?.judged?.value,
  ),
  number(
    'ec_expanded_u_ms_per_cm',
    ['EC ± (95 %)', 'mS/cm'],
    ({ judged }) => judged?.ec?.judged?.budget.expandedU,
  ),
  text('ec_verdict', 'EC verdict', ({ judged }) => judged?.ec?.judged?.verdict),
  number('temp_c', ['temperature', '°C'], ({ record }) => record.body.tempC),
  number('level_l', ['level', 'L'], ({ record }) => record.body.volumeL),
  by as Column<Read>,
  note(),
];

/** One try of a check. */
export interface Tried extends Placed<'session'> {
  readonly at: number;
  readonly event: Extract<BenchEvent, { type: 'read' }>;
}

const planOf = ({ record }: Tried) => record.body.plan as BenchPlan;
const cupOf = (row: Tried) => planOf(row).cups.find(({ id: cup }) => cup === row.event.cupId);
const judgedOf = (row: Tried) => {
  const [plan, cup] = [planOf(row), cupOf(row)];
  return cup && cupTarget(plan, cup).ok
    ? judgeDip(plan, cup, row.event.phase, row.event.shown)
    : undefined;
};

/** Checks, a row for each try. */
export const TRIES: readonly Column<Tried>[] = [
  text('id', 'id', ({ record, at }) => `${record.id}/${at}`),
  text('check_id', 'check', ({ record }) => record.id),
  moment('finished_at', 'finished at', ({ record }) => record.body.finishedAt),
  pen('pen', ({ record }) => record.body.penId),
  text(
    'device_number',
    'device number',
    ({ book, record }) => book.record('pen', record.body.penId)?.body.papers?.serial ?? '',
  ),
  text('quantity', 'quantity', ({ record }) => record.body.plan.quantity),
  text('phase', 'phase', ({ event }) => event.phase),
  text('cup', 'cup', ({ event }) => event.cupId),
  text('lot', 'lot', (row) => lotCode(row.book, cupOf(row)?.lotId)),
  {
    name: 'lot_past_date',
    title: 'lot past its date',
    type: 'boolean',
    of: (row) => {
      const lotId = cupOf(row)?.lotId;
      return lotId === undefined ? null : row.record.body.pastDateLots.includes(lotId);
    },
  },
  number('temp_c', ['temperature', '°C'], (row) => cupOf(row)?.tempC ?? planOf(row).tempC),
  text('scale', 'scale', ({ record }) =>
    record.body.plan.quantity === 'ph' ? 'pH' : (record.body.plan.scale ?? 'mS/cm'),
  ),
  number('shown', ['shown', 'in its scale'], ({ event }) => event.shown),
  number('target', ['target', 'in its scale'], (row) => judgedOf(row)?.target),
  number('error', ['error', 'in its scale'], (row) => judgedOf(row)?.error),
  {
    name: 'within',
    title: 'within tolerance',
    type: 'boolean',
    of: (row) => judgedOf(row)?.within ?? null,
  },
  text('outcome', 'outcome', ({ record }) => record.body.outcome),
  {
    name: 'cleaned_before',
    title: 'cleaned before',
    type: 'boolean',
    of: ({ record }) => record.body.afterCleaning,
  },
  by as unknown as Column<Tried>,
  note(),
];

/** What was poured. */
export const ADDITIONS: readonly Column<Placed<'addition'>>[] = [
  id as Column<Placed<'addition'>>,
  moment('at', 'at', ({ record }) => record.body.at),
  tank(({ record }) => record.body.tankId),
  text('what', 'what', ({ record }) => record.body.what),
  text('product', 'product', ({ record }) => record.body.productName),
  number('dose_ml', ['dose', 'mL'], ({ record }) => record.body.doseMl),
  number('dose_g', ['dose by mass', 'g'], ({ record }) => record.body.doseG),
  number('water_l', ['water', 'L'], ({ record }) => record.body.waterL),
  number('acid_mmol', ['acid', 'mmol'], ({ record }) => record.body.acidMmol),
  number('aim_ph', ['aim', 'pH'], ({ record }) => record.body.aimPh),
  number('predicted_ph', ['promised', 'pH'], ({ record }) => record.body.predictedPh),
  by as Column<Placed<'addition'>>,
  note(),
];

/** Care and mishaps of pens. */
export const CARE: readonly Column<Placed<'careEvent'>>[] = [
  id as Column<Placed<'careEvent'>>,
  moment('at', 'at', ({ record }) => record.body.at),
  pen('pen', ({ record }) => record.body.penId),
  text('side', 'side', ({ record }) => record.body.side),
  text('what', 'what', ({ record }) => record.body.what),
  moment('until', 'until', ({ record }) => record.body.until),
  by as Column<Placed<'careEvent'>>,
  note(),
];

/** One step of a jar test. */
export interface Step extends Placed<'jarTest'> {
  readonly at: number;
}

/** Jar tests, a row for each step. */
export const JARS: readonly Column<Step>[] = [
  text('id', 'id', ({ record, at }) => `${record.id}/${at}`),
  moment('at', 'at', ({ record }) => record.body.at),
  tank(({ record }) => record.body.tankId),
  text('product', 'product', ({ record }) => record.body.productName),
  number('sample_l', ['sample', 'L'], ({ record }) => record.body.sampleL),
  number('drop_ml', ['drop', 'mL'], ({ record }) => record.body.dropMl),
  number('drops', ['drops in all', ''], ({ record, at }) => record.body.points[at]?.drops),
  number('ph_shown', ['pH shown', 'pH'], ({ record, at }) => record.body.points[at]?.ph),
  by as unknown as Column<Step>,
  note(),
];

/** The house control. */
export const CONTROLS: readonly Column<Placed<'controlReading'>>[] = [
  id as Column<Placed<'controlReading'>>,
  moment('at', 'at', ({ record }) => record.body.at),
  pen('pen', ({ record }) => record.body.penId),
  number('nominal_ph', ['printed value', 'pH'], ({ record }) => record.body.nominalPh),
  number('shown_ph', ['shown', 'pH'], ({ record }) => record.body.shown),
  number('temp_c', ['temperature', '°C'], ({ record }) => record.body.tempC),
  text('lot', 'lot', ({ book, record }) => lotCode(book, record.body.lotId)),
  by as Column<Placed<'controlReading'>>,
  note(),
];

/** Pens and thermometers compared. */
export const COMPARISONS: readonly Column<Placed<'comparison'>>[] = [
  id as Column<Placed<'comparison'>>,
  moment('at', 'at', ({ record }) => record.body.at),
  pen('pen', ({ record }) => record.body.penId),
  text('what', 'what', ({ record }) => record.body.what),
  number('shown', ['shown', 'in its scale'], ({ record }) => record.body.shown),
  text('against', 'against', ({ record }) => record.body.against.by),
  pen('other_pen', ({ record }) =>
    record.body.against.by === 'pen' ? record.body.against.penId : undefined,
  ),
  number('other_shown', ['the other showed', 'in its scale'], ({ record }) => {
    const { against } = record.body;
    if (against.by === 'pen') return against.shown;
    return against.by === 'thermometer' ? against.shownC : 0;
  }),
  number('temp_c', ['temperature', '°C'], ({ record }) => record.body.tempC),
  by as Column<Placed<'comparison'>>,
  note(),
];

/** Probes fitted. */
export const PROBES: readonly Column<Placed<'probe'>>[] = [
  id as Column<Placed<'probe'>>,
  moment('fitted_at', 'fitted at', ({ record }) => record.body.fittedAt),
  pen('pen', ({ record }) => record.body.penId),
  text('side', 'side', ({ record }) => record.body.side),
  text('number', 'number', ({ record }) => record.body.serial),
  text('certificate', 'certificate', ({ record }) => record.body.certificate),
  by as Column<Placed<'probe'>>,
  note(),
];

/** Lots on the Shelf. */
export const LOTS: readonly Column<Placed<'lot'>>[] = [
  id as Column<Placed<'lot'>>,
  text('lot', 'lot', ({ record }) => record.body.lotCode),
  text('liquid', 'liquid', ({ record }) => record.body.kind),
  text('form', 'form', ({ record }) => record.body.form),
  number('nominal', ['printed value', 'pH or mS/cm'], ({ record }) => record.body.nominal),
  moment('expires_at', 'expires', ({ record }) => record.body.expiresAt),
  moment('opened_at', 'opened', ({ record }) => record.body.openedAt),
  number('left', ['left', 'mL or pieces'], ({ record }) => record.body.left),
  by as Column<Placed<'lot'>>,
  note(),
];

/** Stops passed by. */
export const SKIPS: readonly Column<Placed<'skip'>>[] = [
  id as Column<Placed<'skip'>>,
  moment('at', 'at', ({ record }) => record.body.at),
  text('stop', 'stop', ({ record }) => record.body.stop),
  text('why', 'why', ({ record }) => record.body.why),
  by as Column<Placed<'skip'>>,
  note(),
];

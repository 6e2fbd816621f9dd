import fc from 'fast-check';
import {
  KINDS,
  writeRevision,
  type Change,
  type Kind,
  type Revision,
  type PenId,
  type RecordId,
  type TankId,
} from '@/records';
import { makeEcPlan, makePhPlan } from '@/core/procedure';
import { SAMPLES, type Pen } from '@/records/kinds';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { anyBody, type References } from '@/records/testing/anyBody';
import { idSource } from '@/records';
import { answerBook, type Questions } from '../answerBook';
import type { BookState } from '../bookState';

export const NOW_MS = Date.UTC(2026, 6, 1);
const DAY_MS = 86_400_000;

/** Names given to records before they are made, so that others can name them. */
export const NAMES: Partial<Record<Kind, readonly string[]>> = {
  pen: ['penA', 'penB'],
  tank: ['tankA', 'tankB'],
  lot: ['lotA', 'lotB'],
  reading: ['readA', 'readB', 'readC', 'readD'],
  product: ['prodA'],
  water: ['waterA', 'waterB'],
  session: ['sessA', 'sessB', 'sessC'],
  addition: ['addA', 'addB', 'addC'],
  careEvent: ['careA', 'careB'],
};
const REFS: References = {
  penId: NAMES.pen!,
  tankId: NAMES.tank!,
  lotId: NAMES.lot!,
  readingId: NAMES.reading!,
  productId: NAMES.product!,
  waterId: NAMES.water!,
  // A cup is named in the plan and in the events.
  id: ['7', '4'],
  cupId: ['7', '4'],
};

/** One record of a kind, changed once now and then. */
export function record(kind: Kind, recordId: RecordId): fc.Arbitrary<readonly Change[]> {
  return fc
    .array(fc.tuple(anyBody(kind, REFS), fc.option(fc.nat(300))), { minLength: 1, maxLength: 2 })
    .map((versions) =>
      versions.map(
        ([body, fromDay]) =>
          ({
            kind,
            recordId,
            body,
            ...(fromDay === null ? {} : { effectiveFromMs: NOW_MS - fromDay * DAY_MS }),
          }) as Change,
      ),
    );
}

/** Revisions of a whole book, in the order they were written. */
export function revisionsOf(records: readonly (readonly Change[])[]): readonly Revision[] {
  const makeId = idSource();
  return records.flatMap((changes) => {
    let parents: readonly string[] = [];
    return changes.map((change) => {
      const writer = { makeId, nowMs: NOW_MS - 300 * DAY_MS, zone: 'UTC', by: '', device: 'x' };
      const revision = writeRevision({ ...change, parents }, writer);
      parents = [revision.revId as string];
      return revision as Revision;
    });
  });
}

/** Every question of every screen, about every record there could be. */
export function askAll(
  book: BookState,
): readonly (readonly [about: string, ask: Promise<unknown>])[] {
  const q: Questions = answerBook(() => book);
  const pens = [...NAMES.pen!, 'nobody'];
  const tanks = [...NAMES.tank!, 'nobody'];
  const sides = ['ph', 'ec'] as const;
  return [
    ['conflicts', q.conflicts()],
    ...KINDS.map((kind) => [`rows ${kind}`, q.rows(kind)] as const),
    ['round', q.round(NOW_MS)],
    ['tanks', q.tanks(NOW_MS)],
    ['read', q.read(NOW_MS)],
    ['pens', q.pens(NOW_MS)],
    ['products', q.products()],
    ['timers', q.timers(NOW_MS)],
    ['shopping', q.shopping(NOW_MS)],
    ['shelf', q.shelf(NOW_MS)],
    ['ledger', q.ledger({}, { skip: 0, count: 100 })],
    ['settings', q.settings()],
    ...Object.values(NAMES)
      .flat()
      .map((id) => [`entry ${id}`, q.entry(id)] as const),
    ...tanks.flatMap((id) => [
      [`tank ${id}`, q.tank(id, NOW_MS)] as const,
      [`waterUse ${id}`, q.waterUse(id, NOW_MS)] as const,
      [`dose ${id}`, q.dose(id, NOW_MS)] as const,
      [`ecDose ${id}`, q.ecDose(id, NOW_MS)] as const,
      ...SAMPLES.slice(0, 2).flatMap((sample) => [
        [`history ${id} ${sample}`, q.tankHistory(id, sample)] as const,
        [`page ${id} ${sample}`, q.readingsPage(id, sample, 50)] as const,
      ]),
    ]),
    ...pens.flatMap((id) => [
      [`pen ${id}`, q.pen(id, NOW_MS)] as const,
      ...sides.flatMap((side) => [
        [`bench ${id} ${side}`, q.bench(id, side, NOW_MS)] as const,
        [`lookBack ${id} ${side}`, q.lookBack(id, side)] as const,
      ]),
    ]),
  ];
}

/** What broken and honest pens show: the same in every cup, nothing, the end of the scale, the truth. */
const shownPh = fc.oneof(
  fc.constantFrom(0, 4, 4.01, 6.86, 7, 7.01, 10, 14),
  fc.double({ min: 0, max: 14, noNaN: true }).map((ph) => Number(ph.toFixed(2))),
);
const shownEc = fc.oneof(
  fc.constantFrom(0, 0.01, 1.41, 2.77, 200, 1385, 19_990),
  fc.double({ min: 0, max: 20, noNaN: true }).map((ec) => Number(ec.toFixed(2))),
);
const tempC = fc.constantFrom(0, 4, 15, 20, 25, 30, 37, 50);
const policy = fc.constantFrom('laboratory' as const, 'normal' as const, 'relaxed' as const);
const isoDaysAgo = fc
  .double({ min: 0, max: 300, noNaN: true })
  .map((days) => new Date(NOW_MS - days * DAY_MS).toISOString());

const profile = fc.constantFrom(...GENERIC_PROFILES);
const pen = fc
  .record({ profile, policy })
  .map(({ profile: chosen, policy: tolerancePolicy }) =>
    penFromProfile(chosen, { code: 'P1', name: 'Pen', tolerancePolicy }),
  );

/** A sitting with every cup read as found and, perhaps, adjusted and read again. */
const sitting = (body: Pen, penId: PenId) =>
  fc
    .record({
      side: fc.constantFrom('ph' as const, 'ec' as const),
      tempC,
      policy,
      finishedAt: isoDaysAgo,
      afterCleaning: fc.boolean(),
      adjusts: fc.boolean(),
      one: fc.boolean(),
      ph: fc.array(shownPh, { minLength: 6, maxLength: 6 }),
      ec: fc.array(shownEc, { minLength: 6, maxLength: 6 }),
      same: fc.boolean(),
    })
    .map((chance): readonly Change[] => {
      const { side, finishedAt, afterCleaning, adjusts, one, same } = chance;
      const about = { tempC: chance.tempC, policy: chance.policy, lotFor: () => undefined };
      const traits = body[side];
      if (!traits) return [];
      const plan = side === 'ph' ? makePhPlan(body.ph!, about) : makeEcPlan(body.ec!, about);
      const values = chance[side];
      const atMs = Date.parse(finishedAt);
      const cups = one ? plan.cups.slice(0, 1) : plan.cups;
      const read = (phase: 'asFound' | 'asLeft' | 'confirm', from: number) =>
        cups.map(({ id }, at) => ({
          type: 'read' as const,
          phase,
          cupId: id,
          shown: values[same ? 0 : (from + at) % 6]!,
          atMs,
        }));
      const events = adjusts
        ? [...read('asFound', 0), { type: 'adjust' as const }, ...read('asLeft', 3)]
        : [...read('asFound', 0), { type: 'leave' as const }];
      const session = {
        penId,
        plan,
        events,
        startedAt: finishedAt,
        finishedAt,
        afterCleaning,
        outcome: adjusts ? ('adjusted' as const) : ('leftOut' as const),
        pastDateLots: [],
        note: '',
      };
      return [{ kind: 'session', body: session } as unknown as Change];
    });

const reading = (penId: PenId, tankId: TankId) =>
  fc
    .record({
      ph: shownPh,
      ec: shownEc,
      tempC: fc.option(tempC, { nil: undefined }),
      at: isoDaysAgo,
    })
    .map(({ ph, ec, tempC: temp, at }): readonly Change[] => {
      const sides = { ph: { shown: ph, penId }, ec: { shown: ec, penId, scale: 'mS/cm' as const } };
      const body = { tankId, sampleKind: 'tank' as const, takenAt: at, tempC: temp, ...sides };
      return [{ kind: 'reading', body: { ...body, note: '' } } as Change];
    });

/** A grower's book: a pen that may lie, its sittings, a tank, its readings, what was poured. */
export const growersBook = pen.chain((body) =>
  fc
    .record({
      tank: anyBody('tank', REFS),
      sittings: fc.array(sitting(body, 'penA'), { maxLength: 7 }),
      readings: fc.array(reading('penA', 'tankA'), { maxLength: 12 }),
      care: fc.array(anyBody('careEvent', { penId: ['penA'] }), { maxLength: 4 }),
      poured: fc.array(anyBody('addition', { tankId: ['tankA'] }), { maxLength: 5 }),
    })
    .map(({ tank, sittings, readings, care, poured }) => [
      [{ kind: 'pen', recordId: 'penA', body } as Change],
      [{ kind: 'tank', recordId: 'tankA', body: tank } as Change],
      ...sittings,
      ...readings,
      ...care.map((event) => [{ kind: 'careEvent', body: event } as Change]),
      ...poured.map((one) => [{ kind: 'addition', body: one } as Change]),
    ]),
);

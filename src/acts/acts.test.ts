import { KIND_SCHEMAS } from '@/records/kinds';
import { idSource, writeChange, type Change } from '@/records';
import { plainTank } from '@/records/testing/plainTank';
import {
  amend,
  amendment,
  careFor,
  copyTank,
  correctEc,
  excludeDose,
  fitProbe,
  mixSachets,
  orderTanks,
  retireTank,
  saveCheck,
  saveTank,
  setUp,
  voidEntry,
  voiding,
  WHY_MAX_LENGTH,
  type Act,
  type KnownTank,
} from './index';

const NOW_MS = Date.UTC(2026, 4, 1, 7);
const known = { id: 'R', revId: '01ARZ3NDEKTSV4RRFFQ69G5FAV' };
const tank = (name: string, place = 1): KnownTank => ({
  id: name,
  revId: known.revId,
  written: plainTank(name, { place }),
});
const bodies = ({ changes }: Act) => changes.map(({ body }) => body);
/** Every change as the book would write it must meet its schema. */
const expectSound = ({ changes }: Act) => {
  for (const { kind, body } of changes)
    if (body !== null) expect(KIND_SCHEMAS[kind].safeParse(body).success).toBe(true);
};

test('a new tank has no parents, a changed one names what it replaces and from when', () => {
  const fresh = saveTank(undefined, tank('Basil').written);
  expect(fresh.changes).toEqual([{ kind: 'tank', body: tank('Basil').written }]);
  const changed = saveTank(known, tank('Basil').written, NOW_MS);
  expect(changed.changes[0]).toMatchObject({
    recordId: 'R',
    parents: [known.revId],
    effectiveFromMs: NOW_MS,
  });
  expect([fresh.done, changed.done]).toEqual([
    { what: 'added', name: 'Basil' },
    { what: 'changed', name: 'Basil' },
  ]);
});

test('a copy learns anew and stands last; out of use and back are one button', () => {
  const source = { ...tank('Basil'), written: { ...tank('Basil').written, learnFrom: 'x' } };
  expect(bodies(copyTank(source, 7))).toMatchObject([{ name: 'Basil, copy', place: 7 }]);
  expect(bodies(copyTank(source, 7))[0]).toMatchObject({ learnFrom: undefined });
  const out = retireTank(tank('Basil'));
  expect(bodies(out)).toMatchObject([{ retired: true }]);
  const back = retireTank({
    ...tank('Basil'),
    written: { ...tank('Basil').written, retired: true },
  });
  expect(bodies(back)[0]).toMatchObject({ retired: undefined });
});

test('an order changes only the tanks that moved', () => {
  const tanks = [tank('a', 1), tank('b', 2), tank('c', 3)];
  const act = orderTanks(tanks, ['b', 'a', 'c']);
  expect(act.changes.map(({ recordId }) => recordId)).toEqual(['b', 'a']);
  expect(orderTanks(tanks, ['a', 'b', 'c']).changes).toEqual([]);
});

test('a fitted probe is a probe and an entry of the pen’s care at the same moment', () => {
  const fittedAt = new Date(NOW_MS).toISOString();
  const papers = { junction: '', connector: '', certificate: '', note: '' };
  const act = fitProbe({ penId: 'P', side: 'ph', fittedAt, serial: 'A7', ...papers });
  expect(act.changes.map(({ kind }) => kind)).toEqual(['probe', 'careEvent']);
  expect(bodies(act)[1]).toMatchObject({ what: 'newProbe', at: fittedAt, note: 'A7' });
  expectSound(act);
});

test('sachets become a lot each, made now', () => {
  const act = mixSachets([6.86, 4.01], { nowMs: NOW_MS, madeMl: 250 });
  expect(bodies(act)).toMatchObject([
    { nominal: 6.86, left: 250, openedAt: '2026-05-01T07:00:00.000Z' },
    { nominal: 4.01 },
  ]);
  expectSound(act);
});

test('the label’s gain is kept with the tank only where it is new', () => {
  const kinds = (gain: number | undefined) =>
    correctEc(tank('Basil'), [], gain).changes.map(({ kind }) => kind);
  expect([kinds(undefined), kinds(0.7)]).toEqual([[], ['tank']]);
});

test('a dose left out counts again when pressed again', () => {
  const dose = { ...known, body: { excluded: true } as never };
  expect(bodies(excludeDose(dose))[0]).toMatchObject({ excluded: undefined });
  expect(excludeDose({ ...known, body: {} as never }).done).toEqual({ what: 'doseLeftOut' });
});

test('a check ends its sitting and takes its portions in one act', () => {
  const lot: Change = { kind: 'lot', recordId: 'L', body: null };
  const act = saveCheck({} as never, { code: 'P1', draftId: 'D', more: [lot] });
  expect(act.changes.map(({ kind }) => kind)).toEqual(['benchDraft', 'session', 'lot']);
  expect(act.changes[0]).toMatchObject({ recordId: 'D', body: null });
});

test('the first pen and tank are one act', () => {
  const act = setUp({ code: 'P1' } as never, tank('Basil').written);
  expect(act.changes.map(({ kind }) => kind)).toEqual(['pen', 'tank']);
});

test('care is one entry', () => {
  const at = new Date(NOW_MS).toISOString();
  expectSound(careFor({ penId: 'P', side: 'ph', what: 'clean', at, note: '' }));
});

test('amending and voiding name what they replace, and keep why, cut to what is kept', () => {
  const why = ` wrong digit ${'x'.repeat(500)} `;
  const entry = { known, lots: [], body: { initials: 'CD', name: '' } };
  const changes = amendment({ ...entry, kind: 'person' }, { initials: 'AB', name: '' }, why);
  const amended = amend(changes, 'Nothing else changes by it.');
  expect(amended.done).toEqual({ what: 'amended', told: 'Nothing else changes by it.' });
  expect(amended.changes[0]).toMatchObject({ recordId: 'R', parents: [known.revId] });
  expect(amended.changes[0]!.why).toHaveLength(WHY_MAX_LENGTH);
  const voided = voidEntry(voiding({ ...entry, kind: 'person' }, ' twice '), '');
  expect(voided.changes).toEqual([
    { kind: 'person', recordId: 'R', parents: [known.revId], body: null, why: 'twice' },
  ]);
  const writer = { makeId: idSource(), nowMs: NOW_MS, zone: 'UTC', by: 'LV', device: 'x' };
  expect(writeChange(voided.changes[0]!, writer)[0]).toMatchObject({ why: 'twice', by: 'LV' });
});

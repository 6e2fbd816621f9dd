import type { PenId, BodyOf, Sample } from '@/records';
import { savePen, saveTank, takeReading } from '@/acts';
import { makePhPlan } from '@/core/procedure';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { roundAnswer } from './roundAnswer';
import { readAnswer, readingsPage, tankHistoryAnswer, tanksAnswer } from './tankAnswers';
import { diary, checkDone } from './testing/diary';

const DAY_MS = 86_400_000;
const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;

/** Checked on the first day: exact in both cups. */
const exactly = (did: ReturnType<typeof diary>['did'], penId: PenId) => {
  const at = new Date(DAY_MS / 2).toISOString();
  const plan = JSON.parse(
    JSON.stringify(
      makePhPlan(profile.ph!, { tempC: 25, policy: 'normal', lotFor: () => undefined }),
    ),
  );
  const read = (cupId: string, shown: number) =>
    ({ type: 'read', phase: 'asFound', cupId, shown, atMs: DAY_MS / 2 }) as const;
  const events = [read('7', 7), read('4.01', 4.01), { type: 'leave' } as const];
  const sitting = { penId, plan, events, startedAt: at, finishedAt: at };
  const rest = { afterCleaning: false, pastDateLots: [], note: '' };
  did(0, checkDone({ ...sitting, ...rest, outcome: 'inTolerance' }));
};

function glasshouse() {
  const { book, did, write } = diary();
  const penId = did(0, savePen(undefined, penFromProfile(profile, { code: 'P1', name: 'Pen' })));
  const tank = (name: string, place: number, more: Partial<BodyOf<'tank'>> = {}) =>
    did(
      0,
      saveTank(undefined, {
        name,
        volumeL: 100,
        crop: '',
        stage: '',
        phBand: { low: 5.5, high: 6.5 },
        ecBand: { low: 1, high: 2 },
        alphaPerC: 0.02,
        place,
        note: '',
        ...more,
      }),
    );
  const read = (day: number, tankId: string, sampleKind: Sample, ph: number, more = {}) =>
    did(
      day,
      takeReading({
        tankId,
        sampleKind,
        takenAt: new Date(day * DAY_MS).toISOString(),
        ph: { shown: ph, penId },
        note: '',
        ...more,
      }),
    );
  return { book, did, write, tank, read, penId };
}

test('samples never mix: each has its own readings, columns and band', () => {
  const { book, did, penId, tank, read } = glasshouse();
  exactly(did, penId);
  const drained = { drain: { ph: { low: 6, high: 7 } } };
  const tankId = tank('Basil', 1, { sampleBands: drained });
  read(1, tankId, 'tank', 5.9);
  read(2, tankId, 'drain', 7.4);
  read(3, tankId, 'source', 7.6);
  const page = (sample: Sample) =>
    readingsPage(book, { tankId, sample, count: 9 }).rows.map(({ ph }) => ph?.judged.verdict);
  expect(page('tank')).toEqual(['in']);
  expect(page('drain')).toEqual(['high']);
  expect(page('source')).toEqual(['noBand']);
  expect(tanksAnswer(book, 4 * DAY_MS)[0]?.latest?.ph?.shown).toBe(5.9);
  const history = tankHistoryAnswer(book, tankId, 'drain');
  expect([...history.columns.ph]).toHaveLength(1);
  expect(history.columns.phLow[0]).toBe(6);
  expect(history.samples.map(({ sample }) => sample)).toEqual(['tank', 'source', 'drain']);
});

test('a page holds the newest, and says how many there are', () => {
  const { book, tank, read } = glasshouse();
  const tankId = tank('Basil', 1);
  for (let day = 1; day <= 9; day += 1) read(day, tankId, 'tank', 5.5 + day / 100);
  const page = readingsPage(book, { tankId, sample: 'tank', count: 3 });
  expect(page.total).toBe(9);
  expect(page.rows.map(({ ph }) => ph?.shown)).toEqual([5.59, 5.58, 5.57]);
});

test('a tank out of use keeps its record; the Round and Read pass it by', () => {
  const { book, tank } = glasshouse();
  tank('Basil', 1);
  tank('Old trough', 2, { retired: true });
  const names = (tanks: readonly { body: { name: string } }[]) =>
    tanks.map(({ body }) => body.name);
  expect(names(tanksAnswer(book, DAY_MS))).toEqual(['Basil', 'Old trough']);
  expect(names(readAnswer(book, DAY_MS).tanks)).toEqual(['Basil']);
  const round = roundAnswer(book, { nowMs: DAY_MS });
  expect(round.stops.filter(({ kind }) => kind === 'tank')).toHaveLength(1);
});

test('a change from now on is a stage of the history; a correction of the past is none', () => {
  const { book, write, tank } = glasshouse();
  const tankId = tank('Basil', 1);
  const body = book.record('tank', tankId)!.body;
  write(5, { kind: 'tank', recordId: tankId, body: { ...body, volumeL: 120 } });
  expect(tankHistoryAnswer(book, tankId).stages).toEqual([]);
  write(6, {
    kind: 'tank',
    recordId: tankId,
    body: { ...body, stage: 'harvest' },
    effectiveFromMs: 6 * DAY_MS,
  });
  expect(tankHistoryAnswer(book, tankId).stages).toMatchObject([
    { atMs: 6 * DAY_MS, stage: 'harvest' },
  ]);
});

test('the last values a pen displayed are known whatever it was dipped into', () => {
  const { book, tank, read, penId } = glasshouse();
  const [a, b] = [tank('Basil', 1), tank('Mint', 2)];
  read(1, a, 'tank', 5.84);
  read(2, b, 'tank', 5.9);
  read(3, a, 'drain', 6.2);
  read(4, b, 'tank', 6.4);
  expect(readAnswer(book, 5 * DAY_MS).lastShown[penId]?.ph).toEqual([6.4, 6.2, 5.9]);
});

test('dips of a reading are averaged in list and columns alike', () => {
  const { book, tank, read, penId } = glasshouse();
  const tankId = tank('Basil', 1);
  read(1, tankId, 'tank', 5.7, { ph: { shown: 5.7, repeats: [5.8, 5.9], penId } });
  const row = readingsPage(book, { tankId, sample: 'tank', count: 1 }).rows[0]!;
  expect(row.ph).toMatchObject({ shown: expect.closeTo(5.8, 9), dips: 3 });
  const { columns } = tankHistoryAnswer(book, tankId);
  expect(columns.ph[0]).toBeCloseTo(row.ph!.judged.value, 9);
  expect(columns.phStdU[0]).toBeCloseTo(row.ph!.judged.budget.stdU, 9);
  expect(columns.penCodes[columns.phPen[0]!]).toBe('P1');
  expect(columns.ecPen[0]).toBe(-1);
});

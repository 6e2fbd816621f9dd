import type { BodyOf } from '@/records';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { careDueAnswer } from './careDueAnswer';
import { doseAnswer } from './doseAnswer';
import { ecDoseAnswer } from './ecDoseAnswer';
import { productsAnswer } from './productsAnswer';
import { rowsAnswer } from './rowsAnswer';
import { diary } from './testing/diary';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;

/** A book written by the hour: one pen, one tank of 100 L. */
function hourly(tank: Partial<BodyOf<'tank'>> = {}) {
  const { book, write } = diary(HOUR_MS);
  const at = (hour: number) => new Date(hour * HOUR_MS).toISOString();
  const penId = write(0, {
    kind: 'pen',
    body: penFromProfile(profile, { code: 'P1', name: 'Pen' }),
  });
  const tankId = write(0, {
    kind: 'tank',
    body: {
      name: 'Basil',
      volumeL: 100,
      crop: '',
      stage: '',
      phBand: { low: 5.5, high: 6.5 },
      ecBand: { low: 1, high: 2 },
      alphaPerC: 0.02,
      place: 1,
      note: '',
      ...tank,
    },
  });
  const read = (hour: number, values: { ph?: number; ec?: number }) =>
    write(hour, {
      kind: 'reading',
      body: {
        tankId,
        sampleKind: 'tank',
        takenAt: at(hour),
        tempC: 25,
        ...(values.ph === undefined ? {} : { ph: { shown: values.ph, penId } }),
        ...(values.ec === undefined
          ? {}
          : { ec: { shown: values.ec, scale: 'mS/cm' as const, penId } }),
        note: '',
      },
    });
  const pour = (
    hour: number,
    body: Partial<BodyOf<'addition'>> & Pick<BodyOf<'addition'>, 'what'>,
  ) =>
    write(hour, {
      kind: 'addition',
      body: { tankId, at: at(hour), productName: '', tankVolumeL: 100, note: '', ...body },
    });
  return { book, write, read, pour, penId, tankId, at };
}

describe('what stock adds is learned from the tank’s own pours', () => {
  test('Δκ · V / mL, the median of the newest', () => {
    const { book, read, pour, tankId } = hourly();
    // 100 mL of each into 100 L from 1.0 to 1.3: 0.3 for 1 mL/L; then 0.2 and 0.25.
    for (const [day, from, to] of [
      [1, 1, 1.3],
      [2, 1, 1.2],
      [3, 1, 1.25],
    ] as const) {
      read(24 * day, { ec: from });
      pour(24 * day + 1, { what: 'stock', doseMl: 100 });
      read(24 * day + 2, { ec: to });
    }
    const { learnedGain } = ecDoseAnswer(book, tankId, 5 * DAY_MS)!;
    expect(learnedGain).toMatchObject({ pours: 3, gainMsPerCm: expect.closeTo(0.25, 6) });
  });
  test('nothing from a pour re-read late, or with water poured between', () => {
    const { book, read, pour, tankId } = hourly();
    read(24, { ec: 1 });
    pour(25, { what: 'stock', doseMl: 100 });
    read(48, { ec: 1.3 });
    read(72, { ec: 1 });
    pour(73, { what: 'stock', doseMl: 100 });
    pour(73.5, { what: 'water', waterL: 10 });
    read(74, { ec: 1.2 });
    expect(ecDoseAnswer(book, tankId, 5 * DAY_MS)?.learnedGain).toBeUndefined();
    expect(ecDoseAnswer(book, 'nowhere', 0)).toBeNull();
  });
});

describe('what a tank taught', () => {
  const dosed = () => {
    const made = hourly();
    const doses = [1, 2, 3].map((day) => {
      made.read(24 * day, { ph: 7 });
      const id = made.pour(24 * day + 1, {
        what: 'acid',
        doseMl: 5,
        acidMmol: 20,
        modelChangePh: -1,
      });
      made.read(24 * day + 2, { ph: 6.2 });
      return id;
    });
    return { ...made, doses };
  };
  const nowMs = 5 * DAY_MS;

  test('a dose left out by hand counts no more, and says so', () => {
    const { book, write, tankId, doses } = dosed();
    expect(doseAnswer(book, tankId, nowMs)?.factor.used).toBe(3);
    const body = { ...book.record('addition', doses[1]!)!.body, excluded: true };
    write(100, { kind: 'addition', recordId: doses[1]!, body });
    const answer = doseAnswer(book, tankId, nowMs)!;
    expect(answer.factor.used).toBe(2);
    expect(answer.outcomes.map(({ skipped }) => skipped)).toEqual([
      undefined,
      'excluded',
      undefined,
    ]);
  });
  test('a reset forgets what was before it', () => {
    const { book, write, tankId, at } = dosed();
    const body = { ...book.record('tank', tankId)!.body, learnFrom: at(24 * 2 + 12) };
    write(100, { kind: 'tank', recordId: tankId, body });
    expect(doseAnswer(book, tankId, nowMs)?.factor.used).toBe(1);
  });
});

test('what is left of a product falls with what is poured since it was counted', () => {
  const { book, write, pour, at } = hourly();
  const productId = write(1, {
    kind: 'product',
    body: {
      name: 'Down',
      reagent: 'nitric',
      strength: { kind: 'unknown' },
      group: 'home',
      left: 100,
      leftAt: at(10),
      note: '',
    },
  });
  pour(5, { what: 'acid', doseMl: 50, productId });
  expect(productsAnswer(book)[0]?.left).toBe(100);
  pour(11, { what: 'acid', doseMl: 30, productId });
  expect(productsAnswer(book)[0]?.left).toBe(70);
  pour(12, { what: 'acid', doseMl: 500, productId });
  expect(productsAnswer(book)[0]?.left).toBe(0);
  expect(rowsAnswer(book, 'product').map(({ body }) => body.name)).toEqual(['Down']);
});

test('cleaning is due weekly in heavy use, monthly otherwise; an EC face is never soaked', () => {
  const { book, write, read, penId, at } = hourly();
  const due = (nowMs: number) => careDueAnswer(book, book.record('pen', penId)!, nowMs);
  expect(due(DAY_MS)).toMatchObject([
    { side: 'ph', heavyUse: false, cleanAtMs: 30 * DAY_MS },
    { side: 'ec', heavyUse: false, soakAtMs: undefined },
  ]);
  for (let hour = 1; hour <= 25; hour += 1) read(hour, { ph: 6, ec: 1.5 });
  expect(due(2 * DAY_MS)).toMatchObject([
    { heavyUse: true, cleanAtMs: 7 * DAY_MS, soakAtMs: 30 * DAY_MS },
    { heavyUse: true, soakAtMs: undefined },
  ]);
  write(48, {
    kind: 'careEvent',
    body: { penId, side: 'ph', what: 'clean', at: at(48), note: '' },
  });
  expect(due(2 * DAY_MS)[0]?.cleanAtMs).toBe(9 * DAY_MS);
});

import { careFor, saveProduct } from '@/acts';
import { careDueAnswer } from './careDueAnswer';
import { ecDoseAnswer } from './ecDoseAnswer';
import { productsAnswer } from './productsAnswer';
import { rowsAnswer } from './rowsAnswer';
import { DAY_MS } from './testing/diary';
import { hourly } from './testing/hourly';

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

test('what is left of a product falls with what is poured since it was counted', () => {
  const { book, did, pour, at } = hourly();
  const productId = did(
    1,
    saveProduct(undefined, {
      name: 'Down',
      reagent: 'nitric',
      strength: { kind: 'unknown' },
      group: 'home',
      left: 100,
      leftAt: at(10),
      note: '',
    }),
  );
  pour(5, { what: 'acid', doseMl: 50, productId });
  expect(productsAnswer(book)[0]?.left).toBe(100);
  pour(11, { what: 'acid', doseMl: 30, productId });
  expect(productsAnswer(book)[0]?.left).toBe(70);
  pour(12, { what: 'acid', doseMl: 500, productId });
  expect(productsAnswer(book)[0]?.left).toBe(0);
  expect(rowsAnswer(book, 'product').map(({ body }) => body.name)).toEqual(['Down']);
});

test('cleaning is due weekly in heavy use, monthly otherwise; an EC face is never soaked', () => {
  const { book, did, read, penId, at } = hourly();
  const due = (nowMs: number) => careDueAnswer(book, book.record('pen', penId)!, nowMs);
  expect(due(DAY_MS)).toMatchObject([
    { side: 'ph', heavyUse: false, cleanAtMs: 30 * DAY_MS },
    { side: 'ec', heavyUse: false, soakAtMs: undefined },
  ]);
  for (let hour = 1; hour <= 25; hour += 1) read(hour, { ph: 6, ec: 1.5 });
  // The first week is counted when it is over: until then the date stands still.
  expect(due(2 * DAY_MS)[0]?.cleanAtMs).toBe(30 * DAY_MS);
  expect(due(8 * DAY_MS)).toMatchObject([
    { heavyUse: true, cleanAtMs: 7 * DAY_MS, soakAtMs: 30 * DAY_MS },
    { heavyUse: true, soakAtMs: undefined },
  ]);
  did(240, careFor({ penId, side: 'ph', what: 'clean', at: at(240), note: '' }));
  // 25 readings in the ten days before: 17.6 a week, light use. The date no longer moves with each reading.
  expect(due(11 * DAY_MS)[0]?.cleanAtMs).toBe(40 * DAY_MS);
  for (let hour = 250; hour <= 300; hour += 1) read(hour, { ph: 6, ec: 1.5 });
  expect(due(19 * DAY_MS)[0]?.cleanAtMs).toBe(40 * DAY_MS);
});

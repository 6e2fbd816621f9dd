import type { DoseAnswer } from '@/book/answers';
import { GENERIC_PRODUCTS } from '@/records/products';
import { additionSchema } from '@/records';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { curveFor, doseFor, jugFor, nothingLearned, pouredDose } from './doseModel';
import { amountWords, learnedWords, nutrientWords, refusalWords } from './doseWords';

const formats = makeFormats(DEFAULT_FORMATS);
const nowMs = Date.UTC(2026, 4, 20, 10);
const answer = (more: Partial<DoseAnswer> = {}, verdict = 'high') =>
  ({
    tank: { id: 't1', body: { name: 'Basil', volumeL: 100, phBand: { low: 5.8, high: 6.4 } } },
    reading: {
      id: 'r1',
      tempC: 20,
      ph: { judged: { value: 6.7, verdict, budget: { stdU: 0.03 } } },
      ec: { judged: { value: 2 } },
    },
    water: { kind: 'inUse' },
    factor: nothingLearned(nowMs),
    outcomes: [],
    ...more,
  }) as unknown as DoseAnswer;
const nitric = GENERIC_PRODUCTS.find(({ id }) => id === 'nitric-38')!;
const choice = { product: nitric.product, chasingAccepted: false, nowMs };
const planned = () => {
  const plan = doseFor(answer(), choice);
  if (!plan.ok) throw new Error(plan.refusal.reason);
  return plan.value;
};

test('what is poured is booked with its promise, its equivalents and its re-read', () => {
  const plan = planned();
  const body = additionSchema.parse(
    pouredDose(answer(), plan, { name: nitric.name, id: nitric.id, note: '', nowMs }),
  );
  expect(body).toMatchObject({ what: 'acid', readingId: 'r1', tankVolumeL: 100 });
  expect(Date.parse(body.rereadAt!) - nowMs).toBe(600_000);
  // 38 % by mass is 7.448 mmol a mL.
  expect(body.acidMmol! / body.doseMl!).toBeCloseTo(7.448, 1);
  expect(body.predictedPh).toBeLessThan(6.7);
});

test('the curve starts at the reading, passes through the aim, and widens', () => {
  const plan = planned();
  const curve = curveFor(answer(), choice, plan)!;
  expect(curve.points[0]).toMatchObject({ amount: 0, ph: expect.closeTo(6.7, 6) });
  const nearest = curve.points.reduce((a, b) =>
    Math.abs(b.amount - plan.fullAmount) < Math.abs(a.amount - plan.fullAmount) ? b : a,
  );
  expect(nearest.ph).toBeCloseTo(6.1, 1);
  expect(curve.points.at(-1)!.half).toBeGreaterThan(curve.points[0]!.half);
});

test('another product, volume or temperature changes the dose as the core says', () => {
  const first = (a: DoseAnswer, id = 'nitric-38') => {
    const { product } = GENERIC_PRODUCTS.find((each) => each.id === id)!;
    const plan = doseFor(a, { ...choice, product });
    return plan.ok ? plan.value.fullAmount : NaN;
  };
  expect(first(answer(), 'nitric-60')).toBeLessThan(first(answer()));
  const larger = answer();
  (larger.tank.body as { volumeL: number }).volumeL = 200;
  expect(first(larger)).toBeCloseTo(2 * first(answer()), 6);
});

test('words: drops for a small dose, what it feeds, what was learned, why not', () => {
  const plan = planned();
  expect(amountWords({ ...plan, firstAmount: 1 }, formats)).toEqual({
    amount: '1.0',
    unit: 'mL',
    aside: 'about 20 drops',
  });
  expect(nutrientWords({ P: 16.04 }, formats)).toBe('Adds 16.0 mg/L of phosphorus.');
  expect(learnedWords(answer(), formats)).toContain('Nothing learned');
  expect(refusalWords({ reason: 'wrongWay', needs: 'base' }, formats).what).toBe(
    'This tank needs a base.',
  );
  expect(
    refusalWords({ reason: 'chasing', minutes: 30, waitMinutes: 29.2 }, formats).wayOn,
  ).toContain('Wait 30 minutes');
  expect(jugFor({ ...plan, firstAmount: 40 })).toBe(4);
  expect(doseFor(answer({}, 'cantTell'), choice)).toMatchObject({
    refusal: { reason: 'cannotTell' },
  });
});

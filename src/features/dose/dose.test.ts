import type { DoseAnswer, DosePlanAnswer } from '@/book/answers';
import { measureOf, type DosePlan } from '@/core/dosing';
import { GENERIC_PRODUCTS } from '@/records/products';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { curveFor, firstProduct, jugFor } from './doseModel';
import {
  amountWords,
  believedWords,
  contradictionWords,
  dilutionWords,
  doubtWords,
  limitWords,
  nutrientWords,
  measuredWords,
  onePhWords,
  outcomeWords,
  refusalWords,
} from '@/words/dose/doseWords';

const formats = makeFormats(DEFAULT_FORMATS);
const answer = (more: Partial<DoseAnswer> = {}) =>
  ({
    tank: { id: 't1', body: { name: 'Basil', volumeL: 100, phBand: { low: 5.8, high: 6.4 } } },
    reading: { id: 'r1', tempC: 20, ph: { judged: { value: 6.7 } }, ec: { judged: { value: 2 } } },
    outcomes: [],
    ...more,
  }) as unknown as DoseAnswer;
const plan: DosePlan = {
  unit: 'mL',
  firstAmount: 3.1234567,
  pour: { kind: 'asIs' },
  fullAmount: 5,
  aimPh: 6.1,
  afterPh: 6.38,
  afterLowPh: 6.2,
  afterHighPh: 6.5,
  airedPh: 6.5,
  fullAiredPh: 6.3,
  acidMmol: 23.26,
  nutrients: {},
  limitedBy: 'farEdge',
  onePh: { amount: 13, low: 9, high: 19 },
};

test('the curve is drawn with both amounts; a single point is none', () => {
  const points = [
    { amount: 0, ph: 6.7, low: 6.6, high: 6.8 },
    { amount: 5, ph: 6.1, low: 5.8, high: 6.4 },
  ];
  const planned = { curve: points } as unknown as DosePlanAnswer;
  expect(curveFor(planned, plan, { low: 5.8, high: 6.4 })).toMatchObject({ full: 5, points });
  expect(curveFor({ ...planned, curve: points.slice(1) }, plan, { low: 5, high: 6 })).toBe(
    undefined,
  );
});

test('a dose begins with the product that was poured last the way it needs', () => {
  const with1 = (productId: string) =>
    answer({ outcomes: [{ body: { productId } }] as unknown as DoseAnswer['outcomes'] });
  expect(firstProduct(with1('nitric-38'), GENERIC_PRODUCTS)).toBe('nitric-38');
  expect(firstProduct(with1('koh-45'), GENERIC_PRODUCTS)).toBe('citric-50');
  expect(firstProduct(answer(), GENERIC_PRODUCTS)).toBe('citric-50');
});

test('amounts as they are poured: never hundredths of a drop', () => {
  expect(amountWords(plan, formats)).toEqual({ amount: '3.1', unit: 'mL', dilution: undefined });
  const fine = { ...plan, pour: { kind: 'diluted', parts: 50, ml: 40.2 } } as const;
  expect(amountWords(fine, formats)).toEqual({
    amount: '40.2',
    unit: 'mL of 1 in 50',
    dilution: 50,
  });
  const drops = { ...plan, pour: { kind: 'diluted', parts: 100, ml: 0.65, drops: 13 } } as const;
  expect(amountWords(drops, formats)).toMatchObject({ amount: '13', unit: 'drops of 1 in 100' });
  expect(dilutionWords(50, formats)).toMatch(/^Make it first: 98 mL of water .* 2 mL /);
  expect(dilutionWords(100, formats)).toMatch(/99 mL of water .* 1 mL /);
  expect(amountWords({ ...plan, unit: 'g' }, formats)).toMatchObject({ amount: '3.12', unit: 'g' });
  expect(amountWords({ ...plan, firstAmount: 1500 }, formats)).toMatchObject({ unit: 'L' });
  expect(jugFor({ ...plan, firstAmount: 40 })).toBe(4);
});

test('what holds a step, what it feeds, what one pH takes', () => {
  expect(limitWords(plan, '5.5')).toBe('A larger dose could pass pH 5.5.');
  expect(limitWords({ limitedBy: 'stepPh' }, '5.5')).toContain('0.9 pH');
  expect(nutrientWords({ P: 16.04 }, formats)).toBe('Adds 16.0 mg/L of phosphorus.');
  expect(
    onePhWords(plan.onePh, { name: 'pH down', measure: { unit: 'mL', perAmount: 1 } }, formats),
  ).toBe('Takes 13 mL of pH down for one pH (9 to 19).');
});

test('a small vessel is told in its drops throughout, never in hundredths of a mL', () => {
  const drops = measureOf('mL', { kind: 'diluted', parts: 100, ml: 0.65, drops: 13 });
  expect(measuredWords(0.0065, drops, formats)).toBe('13 drops of 1 in 100');
  expect(measuredWords(0.02, drops, formats)).toBe('40 drops of 1 in 100');
  const onePh = { amount: 0.012, low: 0.008, high: 0.02 };
  expect(onePhWords(onePh, { name: 'pH down', measure: drops }, formats)).toBe(
    'Takes 24 drops of 1 in 100 of pH down for one pH (16 to 40).',
  );
  const jug = measureOf('mL', { kind: 'diluted', parts: 50, ml: 40.2 });
  expect(measuredWords(0.804, jug, formats)).toBe('40.2 mL of 1 in 50');
  expect(measuredWords(3.14, measureOf('mL', { kind: 'asIs' }), formats)).toBe('3.1 mL');
  expect(measuredWords(12.34, measureOf('g', { kind: 'asIs' }), formats)).toBe('12.3 g');
});

test('what is believed, what is doubted, what contradicts', () => {
  const alk = { mean: 3.53, low: 3.01, high: 4.13 };
  const believed = {
    kind: 'fresh',
    toldAlkalinityMmolPerL: 4.3,
    alkalinityMmolPerL: alk,
    unwitnessed: true,
    neverFilled: 0.27,
    dosesRead: 2,
  } as const;
  expect(believedWords(believed, formats)).toBe(
    'Its water seems to hold 3.5 mmol/L alkalinity (3.0 to 4.1). The report says 4.3.',
  );
  expect(believedWords(undefined, formats)).toBe('');
  expect(doubtWords(believed, formats)).toContain('27 % that it was not');
  expect(doubtWords({ ...believed, unwitnessed: false }, formats)).toBe('');
  const dose = { body: { what: 'acid' } };
  const against = { dose, readPh: 5.4, expectedPh: 6.1, fitsMmolPerL: 3.5, toldMmolPerL: 4.3 };
  expect(contradictionWords(against as never, formats)).toBe(
    'Expected pH 6.10, read pH 5.40 twice. The water takes less acid than its report says: 3.5 instead of 4.3 mmol/L fits what happened.',
  );
  const other = { dose, readPh: 6.6, expectedPh: 6.1 } as never;
  expect(contradictionWords(other, formats)).toContain('takes more acid than a usual');
  expect(contradictionWords({ ...against, neverFilled: true } as never, formats)).toContain(
    'never filled afresh',
  );
});

test('what became of a dose, beside what was expected', () => {
  const outcome = (more: object) => ({ lone: false, readPh: 6.4, ...more }) as never;
  const expected = { ph: 6.38, lowPh: 6.2, highPh: 6.5 };
  expect(outcomeWords(outcome({ expected }), formats)).toBe(
    'read 6.40, expected 6.38 (6.20 to 6.50)',
  );
  expect(outcomeWords(outcome({ expected, lone: true }), formats)).toContain('counts for less');
  expect(outcomeWords(outcome({ left: 'whileMixing' }), formats)).toContain('teaches nothing');
  expect(outcomeWords(outcome({ left: 'notRead', readPh: undefined }), formats)).toBe(
    'not read since',
  );
  expect(outcomeWords(outcome({ left: 'excluded' }), formats)).toBe('left out by hand');
});

test('why nothing is planned, and the way on', () => {
  expect(refusalWords({ reason: 'wrongWay', needs: 'base' }, formats).what).toBe(
    'This tank needs a base.',
  );
  expect(
    refusalWords({ reason: 'chasing', minutes: 30, waitMinutes: 29.2 }, formats).wayOn,
  ).toContain('Wait 30 minutes');
  const second = { firstPh: 6.09, firstMs: 0, notBeforeMs: 300_000 };
  expect(refusalWords({ reason: 'secondReading', why: 'afterDose', ...second }, formats)).toEqual({
    what: 'pH 6.09 needs a second reading.',
    wayOn: expect.stringContaining('agree within 0.05'),
  });
  expect(refusalWords({ reason: 'secondReading', why: 'notRead', ...second }, formats).what).toBe(
    'The tank was not read since the last dose mixed.',
  );
  expect(
    refusalWords({ reason: 'secondReading', why: 'probable', ...second }, formats).what,
  ).toContain('probably');
});

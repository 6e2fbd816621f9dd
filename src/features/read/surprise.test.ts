import type { JudgedValue } from '@/core/readings';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { surpriseQuestion } from './surprise';

const formats = makeFormats(DEFAULT_FORMATS);
const judged = (value: number) =>
  ({ value, correction: 0, budget: { stdU: 0.03 } }) as unknown as JudgedValue;
const tank = { sample: 'tank' as const, formats };
const expected = { ph: { value: 5.85, stdU: 0.075, basis: 'trend' as const } };

test('asks once, precisely, with what was expected and what would be kept', () => {
  expect(surpriseQuestion({ ph: judged(6.9) }, { ...tank, expected })).toBe(
    'Expected 5.70 to 6.00 pH here. Rinse, swirl and re-read, or keep 6.90 pH?',
  );
});

test('an ordinary value, or nothing to expect, is not asked about', () => {
  expect(surpriseQuestion({ ph: judged(5.95) }, { ...tank, expected })).toBeUndefined();
  expect(surpriseQuestion({ ph: judged(6.9) }, { ...tank, expected: undefined })).toBeUndefined();
});

test('source water at pH 11 is asked about, a hard tap water is not; a stock solution never', () => {
  const water = { sample: 'source' as const, expected: undefined, formats };
  expect(surpriseQuestion({ ph: judged(11) }, water)).toBe(
    'Tap and source water is hardly ever above 9.50 pH. Look at the display and the pen again, or keep 11.00 pH?',
  );
  expect(surpriseQuestion({ ph: judged(8.2) }, water)).toBeUndefined();
  expect(surpriseQuestion({ ec: judged(4) }, water)).toMatch(/^Tap and source water .* above 2\.5/);
  expect(surpriseQuestion({ ph: judged(1.2) }, { ...water, sample: 'stock' })).toBeUndefined();
});

test('a first feed at pH 2 is asked about although nothing is expected of it yet', () => {
  expect(surpriseQuestion({ ph: judged(2) }, { ...tank, expected: undefined })).toMatch(
    /^A feed is hardly ever below 3\.50 pH/,
  );
});

test('what is kept is named as it was typed, not as it is corrected', () => {
  const corrected = { ...judged(6.8), correction: 0.06 } as JudgedValue;
  expect(surpriseQuestion({ ph: corrected }, { ...tank, expected })).toMatch(/or keep 6\.86 pH\?$/);
});

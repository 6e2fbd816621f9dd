import type { JudgedValue } from '@/core/readings';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { surpriseQuestion } from './surprise';

const formats = makeFormats(DEFAULT_FORMATS);
const judged = (value: number) => ({ value, budget: { stdU: 0.03 } }) as unknown as JudgedValue;
const expected = { ph: { value: 5.85, stdU: 0.075, basis: 'trend' as const } };

test('asks once, precisely, with what was expected and what would be kept', () => {
  expect(surpriseQuestion({ ph: judged(6.9) }, expected, formats)).toBe(
    'Expected 5.7 to 6.0 pH here. Rinse, swirl and re-read, or keep 6.9?',
  );
});

test('an ordinary value, or nothing to expect, is not asked about', () => {
  expect(surpriseQuestion({ ph: judged(5.95) }, expected, formats)).toBeUndefined();
  expect(surpriseQuestion({ ph: judged(6.9) }, undefined, formats)).toBeUndefined();
});

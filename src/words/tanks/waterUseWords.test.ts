import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { phTrendWords, topUpWords, waterUseWords } from './waterUseWords';

const formats = makeFormats(DEFAULT_FORMATS);

test('use in litres a day, and which of the two goes faster', () => {
  const use = { days: 10, waterLPerDay: 5.2, saltPerDay: 4, faster: 'water' as const };
  expect(waterUseWords(use, formats)).toContain('5.2 L a day. Water goes faster');
  expect(waterUseWords({ ...use, waterLPerDay: -1 }, formats)).toContain('top-up not booked');
});

test('a trend is told only where it stands out of its own scatter', () => {
  expect(phTrendWords({ value: 0.05, stdU: 0.01 }, formats)).toContain(
    'climbs 0.05 ± 0.02 pH a day',
  );
  expect(phTrendWords({ value: -0.05, stdU: 0.01 }, formats)).toContain('falls');
  expect(phTrendWords({ value: 0.01, stdU: 0.01 }, formats)).toContain('no clear trend');
});

test('a week of top-ups is told with its range, or that the pH hardly notices', () => {
  const toPh = { mean: 6.64, low: 6.31, high: 6.92 };
  const week = { litresPerDay: 4, broughtMeqPerL: 1.12, fromPh: 5.8, toPh };
  expect(topUpWords(week, formats)).toBe(
    'At 4.0 L a day, a week of top-ups brings 1.12 meq/L of alkalinity. That alone would raise the pH from 5.8 to about 6.6 (6.3 to 6.9). What the plants take up comes on top.',
  );
  const rain = { ...week, broughtMeqPerL: 0.01, toPh: { mean: 5.81, low: 5.8, high: 5.82 } };
  expect(topUpWords(rain, formats)).toContain('That hardly changes the pH');
});

import { keepTogether } from './keepTogether';

/** The lines a text may break into, a break at each ordinary space. */
const pieces = (text: string) => keepTogether(text).split(' ');

test.each([
  ['6.02 ± 0.05 pH', ['6.02\u00a0±\u00a00.05\u00a0pH']],
  ['0.02 high, at pH 6', ['0.02', 'high,', 'at', 'pH\u00a06']],
  ['Add 12 mL of acid', ['Add', '12\u00a0mL', 'of', 'acid']],
  ['1.84 mS/cm at 21.5 °C', ['1.84\u00a0mS/cm', 'at', '21.5\u00a0°C']],
  ['1 h 20 min, then 5 g', ['1\u00a0h', '20\u00a0min,', 'then', '5\u00a0g']],
  ['1,404 ppm (×700)', ['1,404\u00a0ppm', '(×700)']],
])('a number stays with its unit: %s', (text, expected) => {
  expect(pieces(text)).toEqual(expected);
});

test.each([
  '2 checks of 3 pens',
  'Tank 4 holds 2 sachets',
  'pH low',
  '20 May',
  '3 minutes',
  '1 sachet',
])('words that are no unit may stand on the next line: %s', (text) => {
  expect(keepTogether(text)).toBe(text);
});

import { typeset } from './typeset';

const kept = (text: string) => typeset(text).replaceAll('\u00a0', '~');

test.each([
  ['21.7 °C', '21.7~°C'],
  ['55.6 mL of 1 in 50 of acid', '55.6~mL of 1 in 50 of acid'],
  ['EC 1.43 mS/cm, pH 6.33', 'EC~1.43~mS/cm, pH~6.33'],
  ['2 % per °C; 30 min ago', '2~% per °C; 30~min ago'],
  ['12 daylight hours, 3 glasses, 5 hot days', '12 daylight hours, 3 glasses, 5 hot days'],
  ['19 d ago, in 3 days', '19~d ago, in 3~days'],
])('%s is kept as %s', (text, expected) => {
  expect(kept(text)).toBe(expected);
});

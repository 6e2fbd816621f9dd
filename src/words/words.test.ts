import { checkEcEntry, checkPhEntry, checkTempEntry } from '@/core/plausibility';
import {
  ago,
  dayStart,
  dueBy,
  ecMessage,
  makeFormats,
  DEFAULT_FORMATS,
  minutesSeconds,
  notANumber,
  notchSentence,
  parseDecimal,
  phMessage,
  tempMessage,
} from './index';

const point = makeFormats(DEFAULT_FORMATS);
const comma = makeFormats({
  ...DEFAULT_FORMATS,
  decimalMark: ',',
  tempUnit: '°F',
  ecScale: 'ppm500',
  volumeUnit: 'US gal',
});

test.each([
  ['6.5', 6.5],
  ['6,5', 6.5],
  [' 6. ', 6],
  ['.5', 0.5],
  ['−3', -3],
])('%p is read as %p', (text, value) => {
  expect(parseDecimal(text)).toEqual({ ok: true, value });
});

test.each(['1.234,5', '6.5.1', 'six', '6 5', '1e3', '-'])('%p is no number', (text) => {
  expect(parseDecimal(text)).toEqual({ ok: false, reason: 'notANumber' });
});

test('an empty field asks, a text explains', () => {
  expect(notANumber(parseDecimal('  '), 'pH')?.text).toBe('Type the pH.');
  expect(notANumber(parseDecimal('six'), 'pH')?.text).toContain('not a number');
  expect(notANumber(parseDecimal('6'), 'pH')).toBeUndefined();
});

test('numbers follow the book: mark, scale, temperature, volume, a true minus', () => {
  expect(point.phPair(6.1234, 0.0834)).toEqual({ value: '6.12', plusMinus: '0.08' });
  expect(comma.phPair(5.87, 0.42)).toEqual({ value: '5,9', plusMinus: '0,4' });
  expect(comma.ec(1.5)).toBe('750');
  expect(comma.temp(20)).toBe('68,0 °F');
  expect(comma.volume(100)).toBe('26 US gal');
  expect(point.signed(-0.034, 2)).toBe('−0.03');
  expect(point.percent(0.011)).toBe('+1.1 %');
  // What rounds to nothing leans neither way.
  expect(point.signed(0.004, 2)).toBe('0.00');
  expect(point.signed(-0.004, 2)).toBe('0.00');
  expect(point.shown(7.1, 0.1)).toBe('7.1');
});

test('a ± never rounds to nothing', () => {
  expect(point.phPair(6, 0.001)).toEqual({ value: '6.00', plusMinus: '0.01' });
});

test('messages at the field offer what was probably meant', () => {
  const ph = phMessage(checkPhEntry(65)!, point);
  expect(ph.instead).toEqual({ label: 'Use 6.5', typed: '6.5' });
  const ec = ecMessage(checkEcEntry(1460, 'mS/cm')!, 'mS/cm', comma);
  expect(ec.instead?.typed).toBe('1,46');
  expect(ec.text).toContain('µS/cm');
  expect(tempMessage(checkTempEntry(70)!, point).instead?.typed).toBe('21.1');
  expect(tempMessage(checkTempEntry(200)!, point).text).toContain('45.0 °C');
});

test('times as people say them', () => {
  const now = new Date(2026, 4, 20, 10, 0).getTime();
  const hours = (h: number) => now - h * 3_600_000;
  expect(ago(now, now)).toBe('just now');
  expect(ago(hours(0.5), now)).toBe('30 min ago');
  expect(ago(hours(3), now)).toBe('today 07:00');
  expect(ago(hours(14), now)).toBe('yesterday');
  expect(ago(hours(24 * 19), now)).toBe('19 d ago');
  expect(dueBy(hours(-24), now)).toBe('tomorrow');
  expect(dueBy(hours(72), now)).toBe('3 d ago');
  expect(minutesSeconds(95)).toBe('1:35');
  expect(new Date(dayStart(now)).getHours()).toBe(0);
});

test('a notch speaks', () => {
  const sentence = notchSentence({
    quantity: 'pH',
    value: '5.35',
    plusMinus: '0.08',
    low: '5.5',
    high: '6.5',
    unit: '',
    verdict: 'low',
  });
  expect(sentence).toBe('pH 5.35 plus or minus 0.08, low; band 5.5 to 6.5.');
});

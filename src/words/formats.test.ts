import fc from 'fast-check';
import { DEFAULT_FORMATS, makeFormats, parseDecimal } from './index';

const comma = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const point = makeFormats(DEFAULT_FORMATS);
const amount = fc.double({ min: 0, max: 5000, noNaN: true });
const ph = fc.double({ min: 0, max: 14, noNaN: true });
const wide = fc.double({ min: 0.0001, max: 5, noNaN: true });

/** Everything that writes a number, as texts. */
const written = (formats: typeof comma, value: number, expandedU: number): readonly string[] => [
  formats.number(value, 2),
  formats.signed(value - 5, 2),
  formats.percent(value / 100 - 0.5),
  formats.temp(value),
  formats.volume(value),
  formats.doseMl(value),
  formats.ec(value),
  formats.shown(value, 0.01),
  ...Object.values(formats.phPair(value, expandedU)),
  ...Object.values(formats.ecPair(value, expandedU)),
];

test('with a decimal comma no point stands between digits anywhere, and the other way round', () => {
  fc.assert(
    fc.property(ph, wide, (value, expandedU) => {
      for (const text of written(comma, value, expandedU)) expect(text).not.toMatch(/\d\.\d/);
      for (const text of written(point, value, expandedU)) expect(text).not.toMatch(/\d,\d/);
    }),
  );
});

test('no number is written with a hyphen, an exponent, or as no number', () => {
  fc.assert(
    fc.property(amount, wide, (value, expandedU) => {
      for (const text of written(point, value, expandedU)) expect(text).not.toMatch(/-|e\d|NaN/);
    }),
  );
});

test('what is written can be typed back, to half a digit', () => {
  fc.assert(
    fc.property(ph, (value) => {
      for (const formats of [comma, point]) {
        const back = parseDecimal(formats.ph(value));
        expect(back.ok && Math.abs(back.value - value)).toBeLessThanOrEqual(0.005 + 1e-9);
      }
    }),
  );
});

test('a value and its ± have the same decimals, and the ± is never less than their last', () => {
  const decimals = (text: string) => text.split('.')[1]?.length ?? 0;
  fc.assert(
    fc.property(ph, wide, (value, expandedU) => {
      const pair = point.phPair(value, expandedU);
      expect(decimals(pair.value)).toBe(decimals(pair.plusMinus));
      expect(Number(pair.plusMinus)).toBeGreaterThanOrEqual(
        0.999 * 10 ** -decimals(pair.plusMinus),
      );
    }),
  );
});

test('nothing is poured by a number that says less than a twentieth of it', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 20_000, noNaN: true }), (doseMl) => {
      const [number, unit] = point.doseMl(doseMl).split(' ');
      const said = Number(number) * (unit === 'L' ? 1000 : 1);
      expect(Math.abs(said - doseMl) / doseMl).toBeLessThanOrEqual(0.051);
    }),
  );
});

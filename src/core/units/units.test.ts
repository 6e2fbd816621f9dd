import fc from 'fast-check';
import {
  EC_SCALES,
  celsiusFrom,
  celsiusFromFahrenheit,
  displayFromEcMsPerCm,
  ecMsPerCmFromDisplay,
  fahrenheitFromCelsius,
  litresFrom,
  temperatureFromCelsius,
  volumeFromLitres,
  type VolumeUnit,
} from './index';

const finite = fc.double({ min: -1e6, max: 1e6, noNaN: true });

test('the 2.77 standard reads the same on every scale', () => {
  // 2.77 mS/cm: the conversions printed on standards' labels.
  const shown = EC_SCALES.map((scale) => displayFromEcMsPerCm(2.77, scale));
  const expected = [2.77, 2770, 27.7, 1385, 1772.8, 1939];
  shown.forEach((value, at) => expect(value).toBeCloseTo(expected[at]!, 9));
});

test('every scale, temperature and volume comes back from a round trip', () => {
  fc.assert(
    fc.property(finite, fc.constantFrom(...EC_SCALES), (value, scale) => {
      expect(ecMsPerCmFromDisplay(displayFromEcMsPerCm(value, scale), scale)).toBeCloseTo(value, 6);
      expect(celsiusFromFahrenheit(fahrenheitFromCelsius(value))).toBeCloseTo(value, 6);
      for (const unit of ['°C', '°F'] as const)
        expect(celsiusFrom(temperatureFromCelsius(value, unit), unit)).toBeCloseTo(value, 6);
      for (const unit of ['L', 'US gal', 'UK gal'] as VolumeUnit[]) {
        expect(volumeFromLitres(litresFrom(value, unit), unit)).toBeCloseTo(value, 6);
      }
    }),
  );
});

test('fixed points: water freezes at 32 °F and the scales cross at −40', () => {
  expect(fahrenheitFromCelsius(0)).toBe(32);
  expect([celsiusFrom(212, '°F'), celsiusFrom(20, '°C')]).toEqual([expect.closeTo(100, 9), 20]);
  expect(fahrenheitFromCelsius(-40)).toBeCloseTo(-40, 12);
  expect(litresFrom(1, 'US gal')).toBe(3.785411784);
});

test('a number that is not finite is refused loudly', () => {
  expect(() => ecMsPerCmFromDisplay(Number.NaN, 'CF')).toThrow(RangeError);
  expect(() => celsiusFromFahrenheit(Infinity)).toThrow(RangeError);
});

import fc from 'fast-check';
import { compensatedPh, nernstSlopeMvPerPh, uncompensatedPh } from './index';

test.each([
  // IUPAC Recommendations 2002, table 1 (k = RT ln10/F), mV.
  [0, 54.199],
  [10, 56.183],
  [20, 58.168],
  [25, 59.16],
  [37, 61.541],
  [50, 64.12],
])('the slope at %p °C is %p mV', (tempC, slopeMv) => {
  expect(nernstSlopeMvPerPh(tempC)).toBeCloseTo(slopeMv, 2);
});

/* By hand: shown 5.5, cups at 15 °C (288.15 K), tank at 25 (298.15): 7 − 1.5·288.15/298.15 = 5.5503. */
test('a pen without compensation errs by 0.05 at pH 5.5 and 10 °C away', () => {
  expect(compensatedPh(5.5, { calibratedC: 15, usedC: 25 })).toBeCloseTo(5.5503, 4);
  expect(compensatedPh(7, { calibratedC: 15, usedC: 40 })).toBe(7);
});

test('showing undoes correcting', () => {
  const degree = fc.double({ min: 0, max: 50, noNaN: true });
  const ph = fc.double({ min: 0, max: 14, noNaN: true });
  fc.assert(
    fc.property(ph, degree, degree, (truePh, calibratedC, usedC) => {
      const shown = uncompensatedPh(truePh, { calibratedC, usedC });
      expect(compensatedPh(shown, { calibratedC, usedC })).toBeCloseTo(truePh, 9);
    }),
  );
});

test('absolute zero and no number at all are refused', () => {
  expect(() => nernstSlopeMvPerPh(-273.15)).toThrow(RangeError);
  expect(() => nernstSlopeMvPerPh(NaN)).toThrow(RangeError);
});

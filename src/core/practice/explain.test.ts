import { afterDials, approachCurve, endOfApproach, shownWithSlope } from './index';

const at = (curve: ReturnType<typeof approachCurve>, second: number) => curve[second]!.shownPh;

test('stirring brings it there sooner; both end at the same', () => {
  const [still, stirred] = [approachCurve({}), approachCurve({ stirS: 8 })];
  expect(at(still, 20)).toBeGreaterThan(at(stirred, 20) + 0.2);
  expect(at(still, 90)).toBeCloseTo(4, 1);
  expect(at(stirred, 90)).toBeCloseTo(4, 1);
});

test('it falls all the way, and ever more slowly', () => {
  const curve = approachCurve({ stirS: 5 });
  const steps = curve.slice(1).map(({ shownPh }, second) => curve[second]!.shownPh - shownPh);
  expect(Math.min(...steps)).toBeGreaterThan(-1e-6);
  expect(steps[40]!).toBeLessThan(steps[10]!);
});

test('a dirty bulb is slow, and ends off', () => {
  expect(at(approachCurve({ stirS: 5, fouling: 0.6 }), 40)).toBeGreaterThan(
    at(approachCurve({ stirS: 5 }), 40) + 0.3,
  );
  expect(Math.abs(endOfApproach(0.6) - endOfApproach(0))).toBeGreaterThan(0.1);
});

/* By hand: zero 20 mV, slope 0.95. In the 4: 20 + 0.95·177.48 = 188.6 mV, taken for slope 188.6/177.48 = 1.0627.
   Then the zero in the 7 is 20 mV; at 6: mV = 76.2, shown 7 − 56.2/(1.0627·59.16) = 6.106: 0.106 high. */
test('the 4 first leaves the slope wrong by what the zero was', () => {
  const { fourFirst, sevenFirst } = afterDials(20, 0.95);
  expect(fourFirst).toBeCloseTo(0.106, 3);
  expect(sevenFirst).toBeCloseTo(0, 9);
  expect(afterDials(0, 0.95).fourFirst).toBeCloseTo(0, 9);
});

test('a slope of 90 % shows 4.30 in the 4.00', () => {
  expect(shownWithSlope(4, 0.9)).toBeCloseTo(4.3, 9);
  expect(shownWithSlope(7, 0.9)).toBe(7);
});

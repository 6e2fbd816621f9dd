import { CURVE, curveGeometry, type CurveSpec } from './curveGeometry';

const spec: CurveSpec = {
  points: [
    { amount: 0, ph: 6.7, low: 6.6, high: 6.8 },
    { amount: 5, ph: 6.3, low: 6.1, high: 6.5 },
    { amount: 10, ph: 6.0, low: 5.6, high: 6.4 },
  ],
  band: { low: 5.8, high: 6.4 },
  first: 5,
  full: 10,
  unit: 'mL',
};
/** All y of a path. */
const heights = (path: string) => [...path.matchAll(/ (\d+\.?\d*)/g)].map(([, y]) => Number(y));

test('nothing of the curve or its ribbon leaves the plot', () => {
  const { line, ribbon, band } = curveGeometry(spec, 340);
  for (const y of [...heights(line), ...heights(ribbon), band.top, band.bottom]) {
    expect(y).toBeGreaterThan(CURVE.pad);
    expect(y).toBeLessThan(CURVE.floor);
  }
});

test('the marks stand on the curve: the first at its middle, all of it at its end', () => {
  const { first, full } = curveGeometry(spec, 348);
  expect(first).toMatchObject({ x: 48 + (348 - 58) / 2, ph: 6.3 });
  expect(full).toMatchObject({ x: 338, ph: 6 });
  expect(full.y).toBeGreaterThan(first.y);
});

test('amounts too near to one another stand one below the other, and none is cut at the edge', () => {
  const near = curveGeometry({ ...spec, first: 9.5 }, 340).amounts;
  expect(near[1]!.y - near[2]!.y).toBe(12);
  expect(near[2]!.x).toBe(300);
  const apart = curveGeometry(spec, 340).amounts;
  expect(apart[1]!.y).toBe(apart[2]!.y);
});

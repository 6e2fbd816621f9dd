import { stripGeometry, timeTicks } from './stripGeometry';

const DAY_MS = 86_400_000;
const size = { width: 400, height: 116, left: 40 };
const spec = {
  domain: [0, 10 * DAY_MS] as const,
  points: [
    { atMs: 0, value: 6, expandedU: 0.1, shown: 6.5 },
    { atMs: 5 * DAY_MS, value: 5.8, expandedU: 0.1, shown: 5.81 },
    { atMs: 10 * DAY_MS, value: 5.6 },
  ],
  band: [
    { fromMs: -DAY_MS, low: 5.5, high: 6.5 },
    { fromMs: 5 * DAY_MS, low: 5.5, high: 6.0 },
  ],
  leastSpan: 0.5,
};

test('time runs left to right, values upwards, all within the strip', () => {
  const at = stripGeometry(spec, size);
  expect(at.x(0)).toBe(40);
  expect(at.x(10 * DAY_MS)).toBe(392);
  expect(at.y(6.5)).toBeCloseTo(8, 9);
  expect(at.y(5.5)).toBeCloseTo(108, 9);
});

test('a hollow mark stands only where what was shown lies apart', () => {
  const { hollow, marks } = stripGeometry(spec, size);
  expect(hollow.match(/M/g)).toHaveLength(1);
  expect(marks.match(/M/g)).toHaveLength(3);
});

test('the band steps where it changed, and the axis steps out over the newest', () => {
  const { band, axis } = stripGeometry(spec, size);
  expect(band.match(/M/g)).toHaveLength(2);
  expect(axis).toMatch(/^M40 8V58(\.\d+)?H32V108(\.\d+)?H40V108$/);
});

test('the line breaks where it is told to', () => {
  const broken = stripGeometry({ ...spec, breakAfter: ({ atMs }) => atMs === 0 }, size);
  expect(broken.line.match(/M/g)).toHaveLength(2);
});

test('no points: the band alone, nothing infinite', () => {
  const at = stripGeometry({ ...spec, points: [] }, size);
  expect(at.line).toBe('');
  expect(`${at.band}${at.axis}`).not.toMatch(/NaN|Infinity/);
});

test('a wide axis has more labels than a narrow one', () => {
  const few = timeTicks([0, 30 * DAY_MS], 200).length;
  expect(few).toBeGreaterThanOrEqual(1);
  expect(timeTicks([0, 30 * DAY_MS], 1000).length).toBeGreaterThan(few);
});

test('nothing of its own is cut: whiskers, the cloud, and a band of earlier in this time', () => {
  const at = stripGeometry(
    {
      ...spec,
      points: [{ atMs: 0, value: 6, expandedU: 0.9 }],
      cloud: [{ atMs: 10 * DAY_MS, value: 5.2, half: 0.8 }],
      band: [
        { fromMs: -DAY_MS, low: 5.5, high: 7.4 },
        { fromMs: 5 * DAY_MS, low: 5.5, high: 6.0 },
      ],
    },
    size,
  );
  for (const value of [6.9, 5.1, 6, 4.4, 7.4]) {
    expect(at.y(value)).toBeGreaterThanOrEqual(8 - 1e-9);
    expect(at.y(value)).toBeLessThanOrEqual(size.height - 8 + 1e-9);
  }
  // One that ended before this time takes no room.
  const later = stripGeometry({ ...spec, domain: [6 * DAY_MS, 10 * DAY_MS] }, size);
  expect(later.y(6.0)).toBeCloseTo(8, 9);
});

import type { AdditionRow, TankAnswer, TankColumns, TankHistoryAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { historyDrawing } from './historyDrawing';
import { historyBands, historyStrips } from './historyStrips';

const DAY_MS = 86_400_000;
const formats = makeFormats(DEFAULT_FORMATS);
const days = (...list: number[]) => Float64Array.from(list, (day) => day * DAY_MS);
const none = (count: number) => new Float64Array(count).fill(NaN);

const columns = {
  atMs: days(1, 2, 3),
  ph: Float64Array.of(5.8, 5.9, 6),
  phStdU: Float64Array.of(0.03, 0.03, 0.03),
  phShown: Float64Array.of(5.8, 6.2, 6),
  phLow: Float64Array.of(5.5, 5.5, 5.8),
  phHigh: Float64Array.of(6.5, 6.5, 6.2),
  ec: Float64Array.of(1.4, NaN, 1.6),
  ecStdU: Float64Array.of(0.02, NaN, 0.02),
  ecShown: Float64Array.of(1.4, NaN, 1.6),
  ecLow: Float64Array.of(1, 1, 1),
  ecHigh: Float64Array.of(2, 2, 2),
  tempC: Float64Array.of(20, 21, 22),
  volumeL: Float64Array.of(100, 95, NaN),
} as unknown as TankColumns;

const addition = (day: number, what: string) =>
  ({ id: `${what}${day}`, atMs: day * DAY_MS, by: '', body: { what } }) as unknown as AdditionRow;
const history = {
  columns,
  additions: [addition(1.5, 'acid'), addition(2.5, 'water'), addition(2.6, 'stock')],
  stages: [{ atMs: 3 * DAY_MS, crop: 'basil', stage: 'all' }],
  samples: [{ sample: 'tank', count: 3 }],
} as TankHistoryAnswer;
const tank = {
  body: { name: 'Basil', phBand: { low: 5.8, high: 6.2 }, ecBand: { low: 1, high: 2 } },
} as unknown as TankAnswer;
const domain = [0, 4 * DAY_MS] as const;
const strips = (more: Partial<Parameters<typeof historyStrips>[0]> = {}) => {
  const bands = historyBands(tank, more.history ?? history, more.sample ?? 'tank');
  return historyStrips({ history, bands, sample: 'tank', domain, formats, ...more });
};

test('pH, EC, temperature and volume on one axis; what is missing in a reading is left out', () => {
  expect(strips().map(({ series, name, count }) => [series, name, count])).toEqual([
    ['ph', 'pH', 3],
    ['ec', 'EC, mS/cm', 2],
    ['temp', 'Temperature, °C', 3],
    ['level', 'Volume, L', 2],
  ]);
});

test('the band steps where the stage changed it, and a mark says so', () => {
  const [ph] = strips();
  expect(ph?.spec.band.map(({ low, high }) => [low, high])).toEqual([
    [5.5, 6.5],
    [5.8, 6.2],
  ]);
  expect(ph?.flags.map(({ kind }) => kind)).toEqual(['dose', 'stage']);
});

test('acid stands under the pH, water and stock under the EC', () => {
  expect(strips()[1]?.flags.map(({ kind }) => kind)).toEqual(['water', 'dose']);
});

test('another sample has neither the tank’s doses nor its band', () => {
  const bare = { ...columns, phLow: none(3), phHigh: none(3), ecLow: none(3), ecHigh: none(3) };
  const [ph, ec] = strips({ sample: 'drain', history: { ...history, columns: bare } });
  expect(ph?.flags).toEqual([]);
  expect(ph?.spec.band).toEqual([]);
  expect(ec?.spec.band).toEqual([]);
});

test('every series is in the units of the book', () => {
  const units = makeFormats({
    ...DEFAULT_FORMATS,
    ecScale: 'µS/cm',
    tempUnit: '°F',
    volumeUnit: 'US gal',
  });
  const [, ec, temp, level] = strips({ formats: units });
  expect(ec?.spec.points[0]?.value).toBeCloseTo(1400, 9);
  expect(ec?.spec.band[0]).toMatchObject({ low: 1000, high: 2000 });
  expect(temp?.name).toBe('Temperature, °F');
  expect(temp?.spec.points[0]?.value).toBeCloseTo(68, 9);
  expect(level?.spec.points[0]?.value).toBeCloseTo(26.417, 3);
});

test('the drawing for a file holds every strip with its name and the days it spans', () => {
  const svg = historyDrawing({ title: 'Basil: tank', strips: strips(), formats });
  for (const { name } of strips()) expect(svg).toContain(`>${name}<`);
  expect(svg).toContain('Corrected values, bars 95 %');
  expect(svg).toMatch(/1 Jan 1970 to \d Jan 1970/);
});

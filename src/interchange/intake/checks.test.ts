import { bufferIn, checkReader } from './checkRows';
import { checkOf, groupChecks } from './checksOf';
import { isRejected } from './readingRows';

const columns = ['when', 'pen', 'buffer', 'found', 'left', 'temp'] as const;
const read = checkReader({
  columns,
  shape: { delimiter: ',', headAt: 0, mark: '.', dayOrder: 'dmy' },
  units: { ecScale: 'mS/cm', tempUnit: '°C' },
  zone: 'UTC',
  nowMs: Date.UTC(2026, 10, 27),
});
const row = (...cells: string[]) => {
  const one = read(cells, 2);
  if (isRejected(one)) throw new Error(one.trouble.reason);
  return one;
};

test.each([
  ['7.00', { quantity: 'ph', nominal: 7, scale: 'pH' }],
  ['pH 4.01', { quantity: 'ph', nominal: 4.01, scale: 'pH' }],
  ['1413 µS', { quantity: 'ec', nominal: 1.413, scale: 'µS/cm' }],
  ['1413', { quantity: 'ec', nominal: 1.413, scale: 'µS/cm' }],
  ['12.88 mS/cm', { quantity: 'ec', nominal: 12.88, scale: 'mS/cm' }],
  // 7 mS/cm is a standard, not a buffer.
  ['7.0 mS', { quantity: 'ec', nominal: 7, scale: 'mS/cm' }],
  ['pH 5.5', { reason: 'unknownBuffer', text: 'pH 5.5' }],
  ['tap water', { reason: 'unknownBuffer', text: 'tap water' }],
])('%p', (cell, named) => {
  expect(bufferIn(cell, '.')).toEqual(named);
});

const pen = {
  ph: {
    resolutionPh: 0.01,
    accuracyPh: 0.1,
    hasAtc: true,
    family: 'technical',
    cupsPh: [7, 4.01],
    adjustable: true,
    storesNominal: false,
  },
  ec: null,
  tolerancePolicy: 'normal',
} as const;
const found = (second: string, left: readonly [string, string]) => [
  row('2026-03-02 07:40', 'A7', '7.00', '7.12', left[0], '25'),
  row('2026-03-02 07:45', 'A7', '4.01', second, left[1], ''),
];

test('two cups of one morning are one check; the next week is another', () => {
  const next = row('2026-03-09 07:40', 'A7', '7.00', '7.02', '', '');
  const other = row('2026-03-02 07:50', 'A8', '7.00', '7.02', '', '');
  const groups = groupChecks([next, ...found('4.10', ['', '']), other]);
  expect(groups.map((group) => group.map(({ pen: name, nominal }) => [name, nominal]))).toEqual([
    [
      ['A7', 7],
      ['A7', 4.01],
    ],
    [['A8', 7]],
    [['A7', 7]],
  ]);
});

/* At 25 °C the targets are 7.00 and 4.01; normal tolerance as found is 0.1, as left 0.05. */
test.each([
  ['left alone, 0.12 off', found('4.10', ['', '']), 'leftOut', 2],
  ['adjusted and good', found('4.10', ['7.01', '4.02']), 'adjusted', 5],
  ['adjusted, 0.2 off after', found('4.10', ['7.20', '4.02']), 'adjustedWithMiss', 5],
])('%s', (_told, rows, outcome, events) => {
  const check = checkOf(rows, pen, 20)!;
  expect(check.outcome).toBe(outcome);
  expect(check.events.filter(({ type }) => type !== 'leave')).toHaveLength(events);
  expect(check.plan.tempC).toBe(25);
  expect(check.finishedMs - check.startedMs).toBe(300_000);
});

test('each cup counts at its own temperature: 10.01 at 10 °C is worth 10.18', () => {
  const rows = [
    row('2026-03-02 07:40', 'A7', '7.00', '7.00', '', '25'),
    row('2026-03-02 07:45', 'A7', '10.01', '10.18', '', '10'),
  ];
  expect(checkOf(rows, pen, 20)).toMatchObject({
    outcome: 'inTolerance',
    plan: { tempC: 25, cups: [{}, { tempC: 10 }] },
  });
});

test('good as found; a cup without a temperature counts as told; a pen without that side is none', () => {
  const good = [row('2026-03-02 07:40', 'A7', '7.00', '7.05', '', '')];
  expect(checkOf(good, pen, 20)).toMatchObject({ outcome: 'inTolerance', plan: { tempC: 20 } });
  expect(checkOf(good, { ...pen, ph: null }, 20)).toBeUndefined();
});

test('a row without as found, or of no buffer, is rejected', () => {
  expect(read(['2026-03-02', 'A7', '7.00', '', '7.01', ''], 3)).toEqual({
    line: 3,
    trouble: { reason: 'noFound' },
  });
  expect(read(['2026-03-02', 'A7', 'lemonade', '7.0', '', ''], 3)).toMatchObject({
    trouble: { reason: 'unknownBuffer' },
  });
});

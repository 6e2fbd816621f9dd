import fc from 'fast-check';
import { numberIn } from './cells';
import { guessColumns, guessSubject, guessUnits } from './columns';
import { cellsOf, guessShape } from './guessShape';
import { dayParts, dayUtcMs, momentReader } from './moments';
import { isRejected, readingReader, type TableReading } from './readingRows';
import { textOf } from './textOf';

const UTC = (text: string) => Date.parse(text);
const NOW_MS = UTC('2026-11-27T09:00:00Z');

/** A logger: a preamble, semicolons, decimal commas, day first, °F in the head. */
const LOGGER = [
  'Logger 4, greenhouse;;;;',
  'Started;01.10.2026;;;',
  'Datum;Zeit;pH;EC [µS/cm];Temp °F',
  '01.10.2026;07:40:00;5,86;1460;70,7',
  '01.10.2026;07:50:00;5,90;1.455;70,5',
  '02.10.2026;07:40:00;--;1448;70,2',
  '',
].join('\r\n');

describe('numbers', () => {
  test.each([
    ['5,86', ',', 5.86],
    ['5.86', '.', 5.86],
    ['1.460,5', ',', 1460.5],
    ['1 460', '.', 1460],
    ["1'460.5", '.', 1460.5],
    ['1,460', '.', 1460],
    ['−0.3', '.', -0.3],
    ['.42', '.', 0.42],
    ['1e-3', '.', 0.001],
    // A comma where the mark is a point is a group or nothing: never a tenth.
    ['5,86', '.', undefined],
    ['5.86', ',', undefined],
    ['12a', '.', undefined],
    ['ERR', '.', undefined],
    ['', '.', null],
    [' -- ', '.', null],
    ['NaN', '.', null],
  ] as const)('%p with %p is %p', (cell, mark, value) => {
    expect(numberIn(cell, mark)).toBe(value);
  });

  test('what is written with either mark is read as it was', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9_999_999, max: 9_999_999 }),
        fc.constantFrom('.' as const, ',' as const),
        (thousandths, mark) => {
          const text = (thousandths / 1000).toFixed(3).replace('.', mark);
          // "1,234" with a comma is 1.234; only with a point would it be grouped.
          expect(numberIn(text, mark)).toBeCloseTo(thousandths / 1000, 9);
        },
      ),
    );
  });
});

describe('moments', () => {
  const lisbon = momentReader('Europe/Lisbon', 'dmy');
  test.each([
    ['01.10.2026', '07:40', '2026-10-01T06:40:00Z'],
    ['1/12/2026 07:40:05', '', '2026-12-01T07:40:05Z'],
    ['2026-10-01T07:40:00+02:00', '', '2026-10-01T05:40:00Z'],
    ['2026-10-01 07:40', '', '2026-10-01T06:40:00Z'],
    ['01.10.26 7:40 PM', '', '2026-10-01T18:40:00Z'],
    ['01.10.26 12:05 am', '', '2026-09-30T23:05:00Z'],
    // The day the clocks go back: before and after the change.
    ['25.10.2026 00:30', '', '2026-10-24T23:30:00Z'],
    ['25.10.2026 12:00', '', '2026-10-25T12:00:00Z'],
    ['1764230400', '', '2025-11-27T08:00:00Z'],
    ['1764230400000', '', '2025-11-27T08:00:00Z'],
  ])('%p %p is %p', (day, clock, iso) => {
    const moment = lisbon(day, clock);
    expect(moment && new Date(moment.atMs).toISOString()).toBe(new Date(iso).toISOString());
  });

  test('a day alone is noon and says so; what is no day is none', () => {
    expect(lisbon('24.12.2026', '')).toEqual({ atMs: UTC('2026-12-24T12:00:00Z'), dayOnly: true });
    expect(lisbon('', '')).toBeNull();
    for (const wrong of ['31.02.2026', '2026', 'yesterday', '1.13.2026', '01.10.2026 25:00'])
      expect(lisbon(wrong, '')).toBeUndefined();
  });

  test('each order reads its own; a year written first is the year', () => {
    const parts = dayParts('03/04/2026')!;
    expect(dayUtcMs(parts, 'dmy')).toBe(Date.UTC(2026, 3, 3));
    expect(dayUtcMs(parts, 'mdy')).toBe(Date.UTC(2026, 2, 4));
    expect(dayUtcMs(dayParts('2026/03/04')!, 'dmy')).toBe(Date.UTC(2026, 2, 4));
  });
});

describe('the shape of a table', () => {
  test('a logger with a preamble', () => {
    expect(guessShape(LOGGER)).toEqual({
      shape: { delimiter: ';', headAt: 2, mark: ',', dayOrder: 'dmy' },
      dayOrderUnsure: false,
    });
  });

  test('month first, found by how time goes on; unsure where both orders go on', () => {
    const lines = (dates: readonly string[]) =>
      ['when,pH', ...dates.map((date) => `${date},6.1`)].join('\n');
    expect(guessShape(lines(['10/01/2026', '10/02/2026', '10/03/2026'])).shape.dayOrder).toBe(
      'mdy',
    );
    expect(guessShape(lines(['01/10/2026', '02/10/2026', '03/10/2026'])).shape.dayOrder).toBe(
      'dmy',
    );
    expect(guessShape(lines(['05/05/2026', '06/06/2026'])).dayOrderUnsure).toBe(true);
    expect(guessShape(lines(['10/13/2026'])).shape.dayOrder).toBe('mdy');
  });

  test('tabs, no heads, and a cell that holds the delimiter', () => {
    expect(guessShape('2026-10-01\t5.86\n2026-10-02\t5.90\n').shape).toMatchObject({
      delimiter: '\t',
      headAt: -1,
    });
    expect(cellsOf('a,"b, c"\n1,2', ',')).toEqual([
      ['a', 'b, c'],
      ['1', '2'],
    ]);
  });

  test('columns and units by heads and by what stands in them', () => {
    const rows = cellsOf(LOGGER, ';');
    const [heads, body] = [rows[2]!, rows.slice(3, 6)];
    const columns = guessColumns(heads, body, 'readings');
    expect(columns).toEqual(['when', 'clock', 'ph', 'ec', 'temp']);
    const own = { ecScale: 'mS/cm', tempUnit: '°C' } as const;
    expect(guessUnits(heads, body, { columns, mark: ',', own })).toEqual({
      ecScale: 'µS/cm',
      tempUnit: '°F',
    });
    // Without a unit in the head their size tells.
    const bare = [
      ['1.4', '70'],
      ['14', '21'],
    ] as const;
    const byValue = ([ec, temp]: readonly string[]) =>
      guessUnits(['EC', 'water'], [[ec!, temp!]], { columns: ['ec', 'temp'], mark: '.', own });
    expect(bare.map(byValue)).toEqual([
      { ecScale: 'mS/cm', tempUnit: '°F' },
      { ecScale: 'CF', tempUnit: '°C' },
    ]);
  });

  test('what is worked out is never taken for what was shown; a log of checks is known by its heads', () => {
    expect(
      guessColumns(['pH corrected', 'target pH', 'pH'], [['6', '6', '6']], 'readings'),
    ).toEqual([null, null, 'ph']);
    expect(guessSubject(['date', 'device', 'buffer', 'found', 'left'])).toBe('checks');
    expect(guessSubject(['date', 'tank', 'pH'])).toBe('readings');
  });

  test('names that come again are places, whatever the head; notes and numbers are not', () => {
    const rows = (names: readonly string[]) => names.map((name) => ['2026-10-01', name, '6.1']);
    const guess = (names: readonly string[]) =>
      guessColumns(['?', '??', 'pH'], rows(names), 'readings');
    expect(guess(['Basil', 'Mint', 'Basil'])).toEqual(['when', 'place', 'ph']);
    expect(guess(['fed', 'was away', 'new mix', 'rain'])).toEqual(['when', null, 'ph']);
    expect(guess(['11', '12', '11'])).toEqual(['when', null, 'ph']);
  });

  test('bytes of three codes come to the same text', () => {
    const text = 'Höhe;µS\n';
    const wide = new Uint8Array([
      0xff,
      0xfe,
      ...[...text].flatMap((one) => [one.charCodeAt(0), 0]),
    ]);
    const single = new Uint8Array([...text].map((one) => one.charCodeAt(0)));
    expect([new TextEncoder().encode(text), wide, single].map(textOf)).toEqual([text, text, text]);
  });
});

const reading = (more: Partial<TableReading> = {}): TableReading => ({
  shape: guessShape(LOGGER).shape,
  columns: ['when', 'clock', 'ph', 'ec', 'temp'],
  units: { ecScale: 'µS/cm', tempUnit: '°F' },
  zone: 'UTC',
  nowMs: NOW_MS,
  ...more,
});

describe('rows of readings', () => {
  const read = readingReader(reading());
  const troubleOf = (cells: readonly string[]) => {
    const row = read(cells, 7);
    return isRejected(row) ? row.trouble : undefined;
  };

  test('a decimal comma, µS/cm and °F', () => {
    const row = read(['01.10.2026', '07:40', '5,86', '1460', '70,7'], 4);
    expect(row).toMatchObject({
      line: 4,
      atMs: UTC('2026-10-01T07:40:00Z'),
      ph: { shown: 5.86, pen: '' },
      ec: { shown: 1460, scale: 'µS/cm' },
    });
    expect(!isRejected(row) && row.tempC).toBeCloseTo(21.5, 9);
  });

  test('an empty side is no value; a cell that is wrong rejects its row', () => {
    expect(read(['01.10.2026', '07:40', '--', '1460', ''], 4)).not.toHaveProperty('ph');
    expect(troubleOf(['01.10.2026', '07:40', '--', '', ''])).toEqual({ reason: 'noValue' });
    expect(troubleOf(['01.10.2026', '07:40', 'ERR', '1460', ''])).toEqual({
      reason: 'notNumber',
      role: 'ph',
      text: 'ERR',
    });
    expect(troubleOf(['01.10.2026', '07:40', '58,6', '', ''])).toMatchObject({
      reason: 'outside',
      value: 58.6,
      to: 14,
    });
    expect(troubleOf(['', '', '5,8', '', ''])).toEqual({ reason: 'noMoment' });
    expect(troubleOf(['32.10.2026', '', '5,8', '', ''])).toMatchObject({ reason: 'badMoment' });
    expect(troubleOf(['28.11.2026', '09:00', '5,8', '', ''])).toEqual({ reason: 'ahead' });
    expect(troubleOf(['01.10.1926', '09:00', '5,8', '', ''])).toEqual({ reason: 'longAgo' });
    expect(troubleOf(['01.10.2026', '', '5,8', '', '1,5'])).toMatchObject({ role: 'temp' });
  });

  test('every dip, its sample, its scale and its pens', () => {
    const row = readingReader(
      reading({
        columns: ['when', 'sample', 'phDips', 'phPen', 'ec', 'ecScale', 'pen', 'level', 'note'],
        shape: { ...guessShape(LOGGER).shape, mark: '.' },
        units: { ecScale: 'mS/cm', tempUnit: '°C' },
      }),
    )(['2026-10-01 08:00', 'drain', '5.8 5.9 6', 'P1', '14', 'CF', 'P2', '80', ' late '], 2);
    expect(row).toMatchObject({
      sample: 'drain',
      ph: { shown: 5.8, repeats: [5.9, 6], pen: 'P1' },
      ec: { shown: 14, scale: 'CF', pen: 'P2' },
      volumeL: 80,
      note: 'late',
    });
  });
});

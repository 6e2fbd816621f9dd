import fc from 'fast-check';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { lotSchema } from '@/records';
import { readLabelTable, tableRows, usualRows, type TypedRow } from './labelTable';
import { lotDefaults, lotFormSchema, lotOf } from './lotFields';
import { valuesByTemperature } from './lotValues';

const formats = makeFormats(DEFAULT_FORMATS);
const fahrenheit = makeFormats({ ...DEFAULT_FORMATS, tempUnit: '°F', decimalMark: ',' });
const seven = {
  kind: 'buffer' as const,
  nominal: 7,
  tempUnit: '°C' as '°C' | '°F',
  ecScale: 'mS/cm' as const,
};
const messageOf = (rows: TypedRow[], lot = seven) => readLabelTable(rows, lot).issues[0]?.message;

test('rows are sorted, empty ones do not count, comma and Fahrenheit are read', () => {
  const rows = [
    { temp: '25', value: '7,00' },
    { temp: '', value: '' },
    { temp: '15', value: '7.06' },
    { temp: '30', value: '' },
  ];
  expect(readLabelTable(rows, seven)).toEqual({
    table: [
      { tempC: 15, value: 7.06 },
      { tempC: 25, value: 7 },
    ],
    issues: [],
  });
  const warm = [
    { temp: '59', value: '7.06' },
    { temp: '77', value: '7.00' },
  ];
  const { table } = readLabelTable(warm, { ...seven, tempUnit: '°F' });
  expect(table.map(({ tempC }) => tempC)).toEqual([expect.closeTo(15, 9), expect.closeTo(25, 9)]);
});

test('what is wrong with a row stands with it', () => {
  const good = { temp: '25', value: '7.00' };
  expect(messageOf([good, { temp: 'warm', value: '7.0' }])).toMatch(/temperature in °C/);
  expect(messageOf([good, { temp: '150', value: '7.0' }])).toMatch(/temperature in °C/);
  expect(messageOf([good, { temp: '15', value: 'seven' }])).toMatch(/value on the label/);
  expect(messageOf([good, { temp: '15', value: '4.01' }])).toMatch(/digit lost/);
  expect(messageOf([good, { temp: '25', value: '7.01' }])).toMatch(/twice/);
  expect(messageOf([good])).toMatch(/at least two/);
  expect(readLabelTable([good, { temp: '15', value: '4.01' }], seven).issues[0]).toMatchObject({
    at: 1,
    field: 'value',
  });
});

test('a label becomes a record and comes back as typed, in either unit', () => {
  const tables = fc.uniqueArray(
    fc.record({
      tempC: fc.integer({ min: 0, max: 60 }),
      value: fc.integer({ min: 650, max: 750 }).map((hundredths) => hundredths / 100),
    }),
    { selector: ({ tempC }) => tempC, minLength: 2, maxLength: 12 },
  );
  fc.assert(
    fc.property(tables, fc.constantFrom(formats, fahrenheit), (rows, each) => {
      const sorted = [...rows].sort((a, b) => a.tempC - b.tempC);
      const lot = lotSchema.parse({
        kind: 'buffer',
        form: 'bottle',
        nominal: 7,
        labelTable: sorted,
      });
      const { tempUnit } = each.settings;
      const { table, issues } = readLabelTable(tableRows(lot, each), { ...seven, tempUnit });
      expect(issues).toEqual([]);
      table.forEach((row, at) => {
        expect(row.tempC).toBeCloseTo(sorted[at]!.tempC, 3);
        expect(row.value).toBe(sorted[at]!.value);
      });
    }),
  );
});

test('a buffer nobody knows is taken with its table; tolerance in percent for a standard', () => {
  const base = { ...lotDefaults(undefined, formats), nominal: '5' };
  expect(lotFormSchema(formats).safeParse(base).error?.issues[0]?.message).toMatch(
    /table of its label/,
  );
  const table = usualRows(formats).map((row, at) => ({ ...row, value: String(5 + at / 100) }));
  const typed = lotFormSchema(formats).parse({
    ...base,
    table,
    tolerance: '0,05',
    openLifeDays: '60',
  });
  expect(lotSchema.parse(lotOf(typed, undefined, formats))).toMatchObject({
    nominal: 5,
    tolerance: 0.05,
    openLifeDays: 60,
    labelTable: [{ tempC: 15 }, { tempC: 20 }, { tempC: 25 }, { tempC: 30 }],
  });
  const standard = { ...base, kind: 'ecStandard' as const, nominal: '1.413', tolerance: '1' };
  const lot = lotOf(lotFormSchema(formats).parse(standard), undefined, formats);
  expect(lot).toMatchObject({ tolerance: 0.01, labelTable: undefined });
  expect(lotDefaults(lot, formats).tolerance).toBe('1');
  expect(
    lotFormSchema(formats).safeParse({ ...base, nominal: '7', tolerance: '2' }).error?.issues[0]
      ?.message,
  ).toMatch(/In pH/);
});

/* Bates 1973, table 4-4, and ISO 7888:1985, table 1: 9.18 is 9.33 at 10 °C, 1.413 is 1.278 at 20 °C. */
test('what Zolder knows of a liquid is shown before its label is typed', () => {
  const at = (rows: ReturnType<typeof valuesByTemperature>, tempC: number) =>
    rows.find((row) => row.tempC === tempC)?.value;
  expect(at(valuesByTemperature('buffer', 9.18), 10)).toBeCloseTo(9.33, 2);
  expect(at(valuesByTemperature('ecStandard', 1.413), 20)).toBeCloseTo(1.278, 3);
  expect(valuesByTemperature('buffer', 5)).toEqual([]);
  expect(valuesByTemperature('ecStandard', 0)).toEqual([]);
});

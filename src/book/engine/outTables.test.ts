import { saveTank } from '@/acts';
import { Package } from 'datapackage';
import { unzipSync } from 'fflate';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { LEDGER_KINDS } from '@/book/answers';
import { makeDemo } from '@/demo';
import { writePackage } from '@/interchange/tables';
import { BookState } from './bookState';
import { dueDays } from './dueDays';
import { outTable, outTables } from './outTables';
import { checkedPen, DAY_MS, diary, tank } from './testing/diary';

const NOW_MS = Date.UTC(2026, 4, 20, 9);
const demo = new BookState();
demo.apply(makeDemo({ nowMs: NOW_MS, zone: 'Europe/Brussels' }));

test('a reading leaves with what was shown, what it is worth, and its moment in its own zone', () => {
  const { book, did } = diary();
  const { session, reading, penId } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  reading(9, tankId, 6.7);
  session(10, 7.4, 4.41, true);
  const { fields, rows } = outTable(book, 'reading', {});
  const [row] = rows;
  const told = Object.fromEntries(fields.map(({ name }, at) => [name, row![at]]));
  expect(told).toMatchObject({
    taken_at: '1970-01-10T00:00:00+00:00',
    tank: 'Basil',
    ph_shown: 6.7,
    ph_pen: 'P1',
    ec_shown: null,
    temp_c: null,
    by: 'LV',
  });
  // 0.4 of drift in ten days: 0.36 by day nine.
  expect(told.ph_corrected).toBeCloseTo(6.34, 2);
  expect(told.ph_expanded_u).toBeGreaterThan(0.02);
  const tries = outTable(book, 'session', { penId });
  const shown = tries.fields.findIndex(({ name }) => name === 'shown');
  const error = tries.fields.findIndex(({ name }) => name === 'error');
  expect(tries.rows.map((each) => each[shown])).toEqual([7, 4.01, 7.4, 4.41, 7, 4.01]);
  expect(tries.rows[2]![error]).toBeCloseTo(0.4, 6);
  expect(outTable(book, 'session', { fromMs: 5 * DAY_MS }).rows).toHaveLength(4);
});

test('every table: one value a column, of the type its column says, each id once', () => {
  const tables = outTables(demo, {});
  expect(tables.map(({ name }) => name)).toHaveLength(LEDGER_KINDS.length);
  const types = { string: 'string', number: 'number', boolean: 'boolean', datetime: 'string' };
  for (const { name, fields, rows } of tables) {
    expect(new Set(fields.map((field) => field.name)).size).toBe(fields.length);
    for (const { name: field } of fields) expect(field).toMatch(/^[a-z][a-z0-9_]*$/);
    expect(new Set(rows.map(([id]) => id)).size).toBe(rows.length);
    for (const row of rows)
      for (const [at, cell] of row.entries())
        if (cell !== null)
          expect([name, fields[at]!.name, typeof cell]).toEqual([
            name,
            fields[at]!.name,
            types[fields[at]!.type as keyof typeof types],
          ]);
  }
  expect(tables.find(({ name }) => name === 'readings')!.rows.length).toBeGreaterThan(500);
});

test('the whole demo as a package: an independent reader takes every row of every table', async () => {
  const tables = outTables(demo, {});
  const folder = mkdtempSync(join(tmpdir(), 'package-'));
  const bytes = writePackage(tables, { title: 'Book', created: new Date(NOW_MS).toISOString() });
  for (const [name, held] of Object.entries(unzipSync(bytes))) {
    mkdirSync(dirname(join(folder, name)), { recursive: true });
    writeFileSync(join(folder, name), held);
  }
  const loaded = await Package.load(join(folder, 'datapackage.json'), { basePath: folder });
  expect(loaded.errors).toEqual([]);
  for (const { name, rows } of tables)
    expect([name, (await loaded.getResource(name)!.read()).length]).toEqual([name, rows.length]);
});

test('due days: the check of each pen, care, and bottles, each under one name for ever', () => {
  const due = dueDays(demo, NOW_MS);
  expect(due.filter(({ kind }) => kind === 'check').length).toBeGreaterThan(3);
  expect(due.some(({ kind }) => kind === 'lot')).toBe(true);
  const names = due.map(
    (each) => `${each.kind}${'quantity' in each ? each.quantity : ''}${each.id}`,
  );
  expect(new Set(names).size).toBe(names.length);
  const { book, did } = diary();
  const { session } = checkedPen(did);
  session(0, 7, 4.01, false);
  const days = () => dueDays(book, DAY_MS).filter(({ kind }) => kind === 'check');
  expect(days().map(({ about, atMs }) => [about, atMs / DAY_MS])).toEqual([['P1', 7]]);
  session(1, 7, 4.01, false);
  expect(days().map(({ atMs }) => atMs / DAY_MS)).toEqual([8]);
});

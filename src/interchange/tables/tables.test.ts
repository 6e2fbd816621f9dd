import { unzipSync, strFromU8 } from 'fflate';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { Package } from 'datapackage';
import { isoMoment, writeCalendar, writeCsv, writePackage, type Table } from './index';

const table: Table = {
  name: 'readings',
  title: 'Readings',
  fields: [
    { name: 'id', title: 'id', type: 'string' },
    { name: 'taken_at', title: 'taken at', type: 'datetime' },
    { name: 'ph_shown', title: 'pH shown', unit: 'pH', type: 'number' },
    { name: 'temp_c', title: 'temperature', unit: '°C', type: 'number' },
    { name: 'past', title: 'past its date', type: 'boolean' },
    { name: 'note', title: 'note', type: 'string' },
  ],
  rows: [
    ['a', '2026-05-20T07:40:00+02:00', 5.86, -0.5, true, 'said "stir", then\nread; again'],
    ['b', '2026-05-21T07:40:00+02:00', null, 20, false, '=2+2'],
    ['c', null, 7, null, null, '-5.2 was written'],
  ],
};

test('a spreadsheet’s CSV: units in the heads, lines by CR LF, formulas harmless, numbers untouched', () => {
  expect(writeCsv(table, '.')).toBe(
    '﻿id,taken at,pH shown [pH],temperature [°C],past its date,note\r\n' +
      'a,2026-05-20T07:40:00+02:00,5.86,-0.5,true,"said ""stir"", then\nread; again"\r\n' +
      "b,2026-05-21T07:40:00+02:00,,20,false,'=2+2\r\n" +
      "c,,7,,,'-5.2 was written\r\n",
  );
});

test('with a decimal comma the columns are parted by semicolons', () => {
  const [, first, second] = writeCsv(table, ',').split('\r\n');
  expect(first).toMatch(/^a;2026-05-20T07:40:00\+02:00;5,86;-0,5;true;/);
  expect(second).toBe("b;2026-05-21T07:40:00+02:00;;20;false;'=2+2");
});

test('without rows there are the heads alone', () => {
  expect(writeCsv({ ...table, rows: [] }, '.').split('\r\n')).toHaveLength(2);
});

test('moments bear the offset of their zone on that day', () => {
  expect(isoMoment(Date.UTC(2026, 0, 20, 6, 40), 'Europe/Brussels')).toBe(
    '2026-01-20T07:40:00+01:00',
  );
  expect(isoMoment(Date.UTC(2026, 6, 20, 5, 40), 'Europe/Brussels')).toBe(
    '2026-07-20T07:40:00+02:00',
  );
  expect(isoMoment(Date.UTC(2026, 6, 20, 5, 40), 'America/St_Johns')).toBe(
    '2026-07-20T03:10:00-02:30',
  );
  expect(isoMoment(0, 'Nowhere/Atall')).toBe('1970-01-01T00:00:00+00:00');
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 4e12 }),
      fc.constantFrom('UTC', 'Asia/Kathmandu', 'America/New_York', 'Australia/Lord_Howe'),
      (ms, zone) => {
        const whole = 1000 * Math.floor(ms / 1000);
        expect(Date.parse(isoMoment(whole, zone))).toBe(whole);
      },
    ),
  );
});

/** The package unpacked into a folder of its own, as another program would. */
function unpacked(bytes: Uint8Array): string {
  const folder = mkdtempSync(join(tmpdir(), 'package-'));
  for (const [name, held] of Object.entries(unzipSync(bytes))) {
    mkdirSync(dirname(join(folder, name)), { recursive: true });
    writeFileSync(join(folder, name), held);
  }
  return folder;
}

describe('a Tabular Data Package', () => {
  const about = { title: 'Book', created: '2026-05-20T08:00:00.000Z' };

  test('an independent reader finds it valid, and every value with its type', async () => {
    const folder = unpacked(writePackage([table], about));
    const loaded = await Package.load(join(folder, 'datapackage.json'), { basePath: folder });
    expect(loaded.errors.map(({ message }) => message)).toEqual([]);
    expect(loaded.valid).toBe(true);
    const rows = await loaded.getResource('readings')!.read();
    expect(rows.map(([id]) => id)).toEqual(['a', 'b', 'c']);
    expect(rows.map((row) => row.slice(2))).toEqual(table.rows.map((row) => row.slice(2)));
    expect(rows[0]![1]).toEqual(new Date('2026-05-20T05:40:00Z'));
  });

  test('a column that lies about its type is found by that reader', async () => {
    const fields = table.fields.map((field) =>
      field.name === 'note' ? { ...field, type: 'number' as const } : field,
    );
    const folder = unpacked(writePackage([{ ...table, fields }], about));
    const loaded = await Package.load(join(folder, 'datapackage.json'), { basePath: folder });
    await expect(loaded.getResource('readings')!.read()).rejects.toThrow();
  });

  test('the same tables give the same bytes; units stand with the columns', () => {
    const bytes = writePackage([table], about);
    expect(writePackage([table], about)).toEqual(bytes);
    const told = JSON.parse(strFromU8(unzipSync(bytes)['datapackage.json']!)) as {
      resources: { schema: { fields: { name: string; unit?: string }[] } }[];
    };
    expect(told.resources[0]!.schema.fields.map(({ name, unit }) => [name, unit])).toContainEqual([
      'temp_c',
      '°C',
    ]);
  });
});

/** A calendar as a program would take it in: by their ids, the higher sequence has its way. */
function takenIn(...files: readonly string[]) {
  const held = new Map<string, { readonly sequence: number; readonly day: string }>();
  for (const file of files)
    for (const component of new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent')) {
      const event = new ICAL.Event(component);
      const before = held.get(event.uid);
      if (!before || event.sequence > before.sequence)
        held.set(event.uid, { sequence: event.sequence, day: event.startDate.toString() });
    }
  return held;
}

describe('a calendar', () => {
  const NOW_MS = Date.UTC(2026, 4, 20, 8);
  const day = (uid: string, date: number) => ({
    uid,
    atMs: new Date(2026, 4, date, 0, 0).getTime(),
    title: 'Check P1, pH; soon',
    text: 'One\nTwo',
  });

  test('an independent parser reads whole days, stable ids, the words as they were', () => {
    const file = writeCalendar([day('check-ph-P', 27)], 'Pens', NOW_MS);
    const [component] = new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent');
    const event = new ICAL.Event(component!);
    expect([event.uid, event.summary, event.description]).toEqual([
      'check-ph-P@book.invalid',
      'Check P1, pH; soon',
      'One\nTwo',
    ]);
    expect(event.startDate.isDate).toBe(true);
    expect(event.startDate.toString()).toBe('2026-05-27');
  });

  test('taken in again, what moved is moved and nothing is doubled', () => {
    const first = writeCalendar([day('check-ph-P', 27), day('lot-L', 30)], 'Pens', NOW_MS);
    const later = writeCalendar([day('check-ph-P', 29)], 'Pens', NOW_MS + 3_600_000);
    const held = takenIn(first, later, first);
    expect([...held].map(([uid, { day: when }]) => [uid, when])).toEqual([
      ['check-ph-P@book.invalid', '2026-05-29'],
      ['lot-L@book.invalid', '2026-05-30'],
    ]);
  });
});

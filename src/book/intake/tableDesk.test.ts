import { saveCheck, setUp } from '@/acts';
import fc from 'fast-check';
import type { TablePreview, TableWish } from '@/book/answers';
import { writeCsv } from '@/interchange/tables';
import { idSource, type ActId, type Change } from '@/records';
import { penFromProfile, GENERIC_PROFILES } from '@/records/profiles';
import { checkBody } from '@/records/testing/plainCheck';
import { plainTank } from '@/records/testing/plainTank';
import { intakesAnswer } from '../engine/intakesAnswer';
import { outTable } from '../engine/outTables';
import type { OpenBook } from '../openBook';
import { MOMENT, testBrowser } from '../testing/browser';
import { tableDesk } from './tableDesk';

const moment = { ...MOMENT, zone: 'UTC' };
const newId = idSource();
const actId = () => newId(moment.nowMs) as string as ActId;
const combination = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;
const pen = penFromProfile(combination, { code: 'P1', name: 'Pen' });
const HOUR_MS = 3_600_000;
const at = (hours: number) => new Date(moment.nowMs - hours * HOUR_MS).toISOString();

/** A book with a tank and a pen that was checked two days ago. */
async function begun() {
  const browser = testBrowser();
  const book = await browser.open({ moment });
  const { recordIds } = await book.append(setUp(pen, plainTank('Basil')).changes, moment);
  const [penId, tankId] = recordIds as [string, string];
  const check = checkBody(penId, moment.nowMs - 48 * HOUR_MS, {
    in7: 7,
    in4: 4.01,
    adjusted: false,
  });
  const saved = saveCheck(check, { code: pen.code, draftId: undefined, more: [] });
  await book.append(saved.changes, moment);
  return { ...browser, book, desk: tableDesk(() => book), tankId, penId };
}

const file = (text: string, name = 'logger.csv') => new File([text], name);
const none = () => undefined;

/** Opens a table and reads it as it seems to be. */
async function readAs(
  desk: ReturnType<typeof tableDesk>,
  text: string,
  more: Partial<TableWish> = {},
): Promise<TablePreview> {
  const opened = await desk.openTable(file(text));
  if (!opened.ok) throw new Error(opened.refusal.reason);
  const { subject, shape, columns, units } = opened.value;
  const wish = { subject, shape, columns, units, usualTempC: 20, places: {}, pens: {}, ...more };
  const preview = await desk.readTable(wish, moment, none);
  if (!preview) throw new Error('cancelled');
  return preview;
}

const readings = (book: OpenBook) => book.state.all('reading').map(({ body }) => body);

const TABLE = [
  'when;tank;pH;EC [µS/cm];°F',
  '2026-04-30 07:40;basil;5,86;1460;70,7',
  '2026-04-30 08:40;Basil;5,90;1455;70,7',
  '2026-04-30 08:40;Basil;5,90;1455;70,7',
  '2026-04-30 09:40;Basil;58,6;1455;70,7',
  '2026-04-30 10:40;Mint;5,90;;',
].join('\n');

test('a table is read, seen, taken in as one act, known again, and taken back whole', async () => {
  const { book, desk, tankId, penId, open } = await begun();
  const preview = await readAs(desk, TABLE);
  expect(preview).toMatchObject({ subject: 'readings', ready: 2, doubled: 1, rejected: 2 });
  expect(preview.reasons).toEqual([
    { reason: 'outside', count: 1 },
    { reason: 'noPlace', count: 1 },
  ]);
  expect(preview.places).toEqual([
    { name: 'basil', rows: 1, knownId: tankId },
    { name: 'Basil', rows: 2, knownId: tankId },
    { name: 'Mint', rows: 1, knownId: null },
  ]);
  // The only pen there is; what its record makes of the first row stands beside it.
  expect(preview.pens).toEqual([{ name: '', rows: 7, measures: ['ph', 'ec'], knownId: penId }]);
  expect(preview.readings[0]!.ph!.judged!.value).toBeCloseTo(5.86, 2);
  expect(preview.readings[0]!.ph!.judged!.budget.expandedU).toBeGreaterThan(0.02);
  expect(readings(book)).toEqual([]);

  const act = actId();
  // Stopped on its way it is not in the book, and the same press takes it in all the same.
  const stops = () => {
    desk.cancelTable().catch(none);
  };
  await expect(desk.takeTable(moment, act, stops)).rejects.toThrow('stopped');
  expect(readings(book)).toEqual([]);
  expect(await desk.takeTable(moment, act, none)).toEqual({ taken: 2 });
  await desk.takeTable(moment, act, none);
  expect(readings(await open({ moment }))).toEqual([
    expect.objectContaining({
      tankId,
      takenAt: '2026-04-30T07:40:00.000Z',
      ph: { shown: 5.86, penId },
      ec: { shown: 1460, penId, scale: 'µS/cm' },
      tempC: expect.closeTo(21.5, 9),
    }),
    expect.objectContaining({ takenAt: '2026-04-30T08:40:00.000Z' }),
  ]);

  // The same columns again: read the same way, and all of it is known.
  const again = await desk.openTable(file(TABLE));
  expect(again.ok && again.value).toMatchObject({ remembered: true, dayOrderUnsure: false });
  expect(await readAs(desk, TABLE)).toMatchObject({ ready: 0, doubled: 3 });

  const [row] = intakesAnswer(book.state);
  expect(row).toMatchObject({ file: 'logger.csv', taken: 2, subject: 'readings' });
  expect((await book.undo(row!.actId, moment)).ok).toBe(true);
  expect([readings(book), intakesAnswer(book.state)]).toEqual([[], []]);
});

test('the same columns written otherwise: decimals are as this file writes them', async () => {
  const { book, desk } = await begun();
  await readAs(desk, 'when,tank,pH,level\n2026-04-30 07:40,Basil,5.9,1.250');
  await desk.takeTable(moment, actId(), none);
  const otherwise = 'when;tank;pH;level\n2026-04-30 08:40;Basil;5,8;1,250';
  expect(await readAs(desk, otherwise)).toMatchObject({ ready: 1, rejected: 0 });
  await desk.takeTable(moment, actId(), none);
  expect(readings(book).map(({ volumeL }) => volumeL)).toEqual([1.25, 1.25]);
});

test('a place and a pen that are not here are made with the act; what is left out rejects its rows', async () => {
  const { book, desk } = await begun();
  const table = 'when,tank,pen,pH\n2026-04-30 07:40,Mint,Probe 9,5.9\n2026-04-30 07:50,Old,P1,6.0';
  const preview = await readAs(desk, table, {
    places: {
      Mint: { as: 'made', name: 'Mint', volumeL: 80, target: 0 },
      Old: { as: 'leave' },
    },
    pens: { 'Probe 9': { as: 'made', code: 'L1' } },
  });
  expect(preview).toMatchObject({ ready: 1, rejected: 1 });
  await desk.takeTable(moment, actId(), none);
  const made = book.state.all('tank').find(({ body }) => body.name === 'Mint')!;
  const probe = book.state.all('pen').find(({ body }) => body.code === 'L1')!;
  expect(made.body).toMatchObject({ volumeL: 80, place: 2, phBand: { low: 5.5, high: 6.3 } });
  expect([probe.body.name, probe.body.ec]).toEqual(['Probe 9', null]);
  expect(readings(book)).toEqual([
    expect.objectContaining({ tankId: made.id, ph: { shown: 5.9, penId: probe.id } }),
  ]);
});

test('names that are words of the language itself are names like any other', async () => {
  const { desk } = await begun();
  const table = 'when,tank,pH\n2026-04-30 07:40,constructor,5.9\n2026-04-30 07:50,__proto__,6.0';
  const preview = await readAs(desk, table);
  expect(preview.places.map(({ name, knownId }) => [name, knownId])).toEqual([
    ['constructor', null],
    ['__proto__', null],
  ]);
  expect(preview).toMatchObject({ ready: 0, rejected: 2 });
});

test.each(['.', ','] as const)(
  'readings that left as CSV with %p come back as they were, and not twice',
  async (mark) => {
    const { book, desk, tankId, penId } = await begun();
    const drain = { tankId, sampleKind: 'drain', takenAt: at(9), note: '=late; “quoted”, two' };
    const bodies = [
      { ...drain, tempC: 21.5, ph: { shown: 5.8, repeats: [5.9, 6], penId } },
      {
        tankId,
        sampleKind: 'tank',
        takenAt: at(5),
        volumeL: 80.5,
        note: '',
        ph: { shown: 6.1, penId },
        ec: { shown: 1460, scale: 'µS/cm', penId },
      },
    ];
    await book.append(
      bodies.map((body) => ({ kind: 'reading', body }) as Change),
      moment,
    );
    const before = readings(book);
    const csv = writeCsv(outTable(book.state, 'reading', {}), mark);
    expect(await readAs(desk, csv)).toMatchObject({ ready: 0, doubled: 2, rejected: 0 });

    const other = await begun();
    expect(await readAs(other.desk, csv)).toMatchObject({ ready: 2, doubled: 0, rejected: 0 });
    await other.desk.takeTable(moment, actId(), none);
    const named = (all: typeof before, from: string, to: string) =>
      JSON.parse(JSON.stringify(all).replaceAll(from, to)) as typeof before;
    const there = named(named(before, tankId, other.tankId), penId, other.penId);
    expect(readings(other.book)).toEqual(there);
  },
);

test('whatever readings leave as CSV, they come back as they were', async () => {
  const hundredths = (from: number, to: number) =>
    fc.integer({ min: from * 100, max: to * 100 }).map((value) => value / 100);
  const dips = fc.array(hundredths(0, 14), { maxLength: 3 });
  const body = fc.record(
    {
      hours: fc.integer({ min: 1, max: 20_000 }),
      sampleKind: fc.constantFrom('tank', 'drain', 'stock', 'substrateSlurry'),
      note: fc.stringMatching(/^[-=+@'";,a-zé ]{0,12}$/).map((text) => text.trim()),
      ph: fc.tuple(hundredths(0, 14), dips),
      tempC: hundredths(-5, 60),
      volumeL: hundredths(0, 500),
      ec: fc.tuple(hundredths(0, 90), fc.constantFrom('mS/cm', 'CF', 'ppm700')),
    },
    { requiredKeys: ['hours', 'sampleKind', 'note', 'ph'] },
  );
  await fc.assert(
    fc.asyncProperty(
      fc.uniqueArray(body, { minLength: 1, maxLength: 12, selector: ({ hours }) => hours }),
      fc.constantFrom('.' as const, ',' as const),
      async (bodies, mark) => {
        const { book, desk, tankId, penId } = await begun();
        const changes = bodies.map(({ hours, ph: [shown, repeats], ec, ...rest }) => ({
          kind: 'reading',
          body: {
            ...rest,
            tankId,
            takenAt: at(hours),
            ph: { shown, penId, ...(repeats.length > 0 ? { repeats } : {}) },
            ...(ec ? { ec: { shown: ec[0], scale: ec[1], penId } } : {}),
          },
        }));
        await book.append(changes as unknown as Change[], moment);
        const csv = writeCsv(outTable(book.state, 'reading', {}), mark);
        expect(await readAs(desk, csv)).toMatchObject({ ready: 0, doubled: bodies.length });
        const other = await begun();
        expect(await readAs(other.desk, csv)).toMatchObject({ ready: bodies.length, rejected: 0 });
        await other.desk.takeTable(moment, actId(), none);
        const here = JSON.stringify(readings(book))
          .replaceAll(tankId, other.tankId)
          .replaceAll(penId, other.penId);
        const sorted = (all: readonly { takenAt: string }[]) =>
          [...all].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1));
        expect(sorted(readings(other.book))).toEqual(
          sorted(JSON.parse(here) as { takenAt: string }[]),
        );
      },
    ),
    { numRuns: 40 },
  );
});

test('an old log of checks: the pen’s drift works from the first day', async () => {
  const { book, desk, penId } = await begun();
  const log = [
    'Date,Device,Buffer,As found,As left',
    '02/03/2026,P1,7.00,7.12,7.00',
    '02/03/2026,P1,4.01,4.10,4.01',
    '23/03/2026,P1,7.00,7.03,',
    '23/03/2026,P1,4.01,4.05,',
    '23/03/2026,P1,lemonade,3,',
  ].join('\n');
  const preview = await readAs(desk, log);
  expect(preview).toMatchObject({ subject: 'checks', ready: 2, rejected: 1, dayOnly: 4 });
  expect(preview.checks.map(({ pen: code, outcome }) => [code, outcome])).toEqual([
    ['P1', 'adjusted'],
    ['P1', 'inTolerance'],
  ]);
  await desk.takeTable(moment, actId(), none);
  expect(await readAs(desk, log)).toMatchObject({ ready: 0, doubled: 2 });
  const days = book.state
    .all('session')
    .filter(({ body }) => body.penId === penId)
    .map(({ body }) => body.finishedAt.slice(0, 10));
  expect(days.sort()).toEqual(['2026-03-02', '2026-03-23', '2026-04-29']);
});

test('what was rejected can be saved with its line and why', async () => {
  const { desk } = await begun();
  await readAs(desk, TABLE);
  const { heads, rows } = await desk.rejectedRows();
  expect(heads[0]).toBe('when');
  expect(rows.map(({ line, trouble, cells }) => [line, trouble.reason, cells[2]])).toEqual([
    [4, 'double', '5,90'],
    [5, 'outside', '58,6'],
    [6, 'noPlace', '5,90'],
  ]);
});

test('what is no table is refused; a reading that is stopped answers nothing', async () => {
  const { desk } = await begun();
  const refused = async (text: string) => {
    const opened = await desk.openTable(file(text));
    return opened.ok ? '' : opened.refusal.reason;
  };
  expect([await refused('  \n'), await refused('pH\n5.9\n6.0')]).toEqual(['empty', 'oneColumn']);

  const long = ['when,pH', ...Array.from({ length: 9000 }, () => '2026-04-30 07:40,5.9')].join(
    '\n',
  );
  const opened = await desk.openTable(file(long));
  if (!opened.ok) throw new Error('refused');
  const { subject, shape, columns, units } = opened.value;
  const wish = { subject, shape, columns, units, usualTempC: 20, places: {}, pens: {} };
  const told: number[] = [];
  const stopped = desk.readTable(wish, moment, (rows) => {
    told.push(rows);
    if (told.length === 2) desk.cancelTable().catch(() => undefined);
  });
  expect(await stopped).toBeUndefined();
  expect(told).toEqual([2000, 4000]);
  await expect(desk.takeTable(moment, actId(), none)).rejects.toThrow('not read');
});

import fc from 'fast-check';
import { DAY_MS, HOUR_MS } from '@/core/units';
import { KINDS, writeRevision, type Change, type Revision } from '@/records';
import type { Addition, Reading } from '@/records/kinds';
import { houseBook } from '../../../scripts/bench/houseBook';
import { answerBook } from './answerBook';
import { earlierSchema, NeedsEarlier } from './earlierReadings';
import { firstUseOf, lastUseOf, usesBetween, usesSince } from './penUse';
import { askAll, growersBook, NAMES, NOW_MS, record, revisionsOf } from './testing/anyBooks';
import { openedBoth } from './testing/leftBook';

const RUNS = Number(process.env.ZOLDER_RUNS ?? 15);

/** What each question comes to: its answer, or that it needs what was left. */
const asked = (book: Parameters<typeof askAll>[0]) =>
  Promise.all(
    askAll(book).map(async ([about, ask]) => {
      try {
        return [about, { answer: await ask }] as const;
      } catch (error) {
        if (!(error instanceof NeedsEarlier)) throw error;
        return [about, 'needs earlier'] as const;
      }
    }),
  );

/** The beginning of the month so many before that of `NOW_MS`. */
const monthsAgo = (months: number) => Date.UTC(2026, 6 - months);

/**
 * Asks everything of a book that was opened in part, before, half-way through and after what was left came:
 * each answer is that of the whole book. Answers how many were given at first, and how many refused.
 */
async function heldToTheWhole(
  revisions: readonly Revision[],
  left: { readonly months: number; readonly newestHere: number },
) {
  const { months, newestHere } = left;
  const opened = openedBoth(revisions, {
    nowMs: NOW_MS,
    beforeMs: monthsAgo(months),
    newestHere,
  });
  const { whole, partial } = opened;
  const all = await asked(whole);
  const held = async () => {
    const told = await asked(partial);
    for (const [at, [name, one]] of told.entries())
      if (one !== 'needs earlier') expect([name, one]).toEqual(all[at]);
    expect(partial.size).toBe(whole.size);
    return told.filter(([, one]) => one === 'needs earlier').length;
  };
  const refused = await held();
  const half = Math.floor(opened.left.length / 2);
  partial.stage(opened.left.slice(0, half));
  await held();
  partial.stage(opened.left.slice(half));
  partial.complete();
  expect(await asked(partial)).toEqual(all);
  return { without: all.length - refused, refused };
}

const leaving = fc.record({
  months: fc.integer({ min: 0, max: 8 }),
  newestHere: fc.integer({ min: 1, max: 3 }),
});

test('whatever is answered without the earlier readings is what the whole book answers, and stays', async () => {
  let [without, refused] = [0, 0];
  await fc.assert(
    fc.asyncProperty(growersBook, leaving, async (records, left) => {
      const found = await heldToTheWhole(revisionsOf(records), left);
      without += found.without;
      refused += found.refused;
    }),
    { seed: 7, numRuns: 4 * RUNS, endOnFailure: true },
  );
  expect(without).toBeGreaterThan(10 * refused);
  expect(refused).toBeGreaterThan(RUNS);
}, 120_000);

test('so it is of any book of all kinds of records, amended, with repeats and a laboratory’s values', async () => {
  const records = KINDS.flatMap((kind) => (NAMES[kind] ?? [kind]).map((id) => record(kind, id)));
  let refused = 0;
  await fc.assert(
    fc.asyncProperty(fc.tuple(...records), leaving, async (all, left) => {
      refused += (await heldToTheWhole(revisionsOf(all), { ...left, newestHere: 1 })).refused;
    }),
    { seed: 9, numRuns: 2 * RUNS, endOnFailure: true },
  );
  expect(refused).toBeGreaterThan(0);
}, 120_000);

// Each makes a book of some thousand entries, whole and in part.
jest.setTimeout(30_000);

const house = houseBook({ tanks: 6, pens: 3, readingsEach: 500, endMs: NOW_MS });
const makeId = (() => {
  let made = 0;
  return () => `01KZZZZZZZZZZZZZZZZZZZZ${String((made += 1)).padStart(3, '0')}`;
})();
const write = (change: Change, nowMs = NOW_MS - HOUR_MS) =>
  writeRevision(change, { makeId, nowMs, zone: 'UTC', by: '', device: 'x' }) as Revision;
const about = { nowMs: NOW_MS, beforeMs: monthsAgo(2) };

/** Acid poured into a tank this morning, its pH read once more since. */
const dosed = (tankId: string): Revision[] => {
  const atMs = NOW_MS - 6 * HOUR_MS;
  const body = {
    tankId,
    what: 'acid',
    at: new Date(atMs).toISOString(),
    acidMmol: 2,
    rereadAt: new Date(atMs + 30 * 60_000).toISOString(),
    note: '',
  } as unknown as Addition;
  const read = house.reading(0, 3, NOW_MS - 5 * HOUR_MS).body as Reading;
  return [
    write({ kind: 'addition', body }, atMs),
    write({ kind: 'reading', body: { ...read, tankId, ph: { ...read.ph!, shown: 7.9 } } }, atMs),
  ];
};

test('a morning’s places are answered without them: Round, Tanks, Read, Pens, a dosed tank, a tank’s page', async () => {
  const revisions = [...house.revisions, ...dosed(house.tankIds[0]!)];
  const { whole, partial, left } = openedBoth(revisions, about);
  expect(left.length).toBeGreaterThan(2000);
  const [all, some] = [whole, partial].map((book) => answerBook(() => book));
  const [tank, pen] = [house.tankIds[0]!, house.penIds[1]!];
  for (const ask of [
    (q: typeof all) => q!.round(NOW_MS),
    (q: typeof all) => q!.tanks(NOW_MS),
    (q: typeof all) => q!.read(NOW_MS),
    (q: typeof all) => q!.pens(NOW_MS),
    (q: typeof all) => q!.timers(NOW_MS),
    (q: typeof all) => q!.tank(tank, NOW_MS),
    (q: typeof all) => q!.pen(pen, NOW_MS),
    (q: typeof all) => q!.bench(pen, 'ph', NOW_MS),
    (q: typeof all) => q!.readingsPage(tank, 'tank', 10),
    (q: typeof all) => q!.conflicts(),
  ])
    expect(await ask(some)).toEqual(await ask(all));
  expect((await some!.round(NOW_MS)).stops.length).toBeGreaterThan(0);
  for (const ask of [some!.tankHistory(tank), some!.ledger({}, { skip: 0, count: 5 })])
    await expect(ask).rejects.toThrow(NeedsEarlier);
});

test('after a save, too', async () => {
  const { whole, partial } = openedBoth(house.revisions, about);
  const [all, some] = [whole, partial].map((book) => answerBook(() => book));
  await some!.round(NOW_MS);
  for (const save of [house.reading(2, 9, NOW_MS - 1000), house.check(1, 9, NOW_MS - 500)]) {
    whole.apply([save]);
    partial.apply([save]);
    expect(await some!.round(NOW_MS)).toEqual(await all!.round(NOW_MS));
    expect(await some!.pens(NOW_MS)).toEqual(await all!.pens(NOW_MS));
  }
});

test('how often a pen was used is counted over what was left as well', () => {
  const { whole, partial } = openedBoth(house.revisions, about);
  const [penId] = house.penIds as [string, ...string[]];
  const uses = (book: typeof whole) => ({
    first: firstUseOf(book, penId, 'ec'),
    last: lastUseOf(book, penId, 'ec'),
    since: [0, 480, 100, 61, 3].map((days) =>
      usesSince(book, { penId, side: 'ec', sinceMs: NOW_MS - days * DAY_MS }),
    ),
    between: usesBetween(book, { penId, side: 'ph' }, [
      NOW_MS - 300 * DAY_MS,
      NOW_MS - 30 * DAY_MS,
    ]),
  });
  expect(uses(partial)).toEqual(uses(whole));
  // Two of six tanks, each day.
  expect(uses(partial).between).toBe(2 * 270);
});

test('what replaces a reading that was left is not told before that one is here', async () => {
  const { whole, partial, left } = openedBoth(house.revisions, about);
  const [old] = left;
  const gone = write({
    kind: 'reading',
    recordId: old!.recordId,
    parents: [old!.revId],
    body: null,
  });
  whole.apply([gone]);
  partial.apply([gone]);
  const some = answerBook(() => partial);
  await expect(some.round(NOW_MS)).rejects.toThrow(NeedsEarlier);
  await expect(some.settings()).rejects.toThrow(NeedsEarlier);
  partial.stage(left);
  partial.complete();
  const all = answerBook(() => whole);
  const about50 = [{}, { skip: 0, count: 50 }] as const;
  expect(await some.ledger(...about50)).toEqual(await all.ledger(...about50));
  expect(await some.tankHistory(house.tankIds[0]!)).toEqual(
    await all.tankHistory(house.tankIds[0]!),
  );
});

test('what changes at once so much that all is looked at anew waits for what is on its way', async () => {
  const { whole, partial, left } = openedBoth(house.revisions, about);
  partial.stage(left.slice(0, 100));
  const many = Array.from({ length: 2_001 }, (_, at) => house.reading(4, at, NOW_MS - 9_000 + at));
  whole.apply(many);
  partial.apply(many);
  const [all, some] = [whole, partial].map((book) => answerBook(() => book));
  await expect(some!.tanks(NOW_MS)).rejects.toThrow(NeedsEarlier);
  partial.stage(left.slice(100));
  partial.complete();
  expect(await some!.tanks(NOW_MS)).toEqual(await all!.tanks(NOW_MS));
  expect(await some!.readingsPage(house.tankIds[0]!, 'tank', 5)).toEqual(
    await all!.readingsPage(house.tankIds[0]!, 'tank', 5),
  );
});

test('a conflict about an old reading is known however old it is, and so is what a laboratory found', async () => {
  const old = house.revisions.find(({ kind }) => kind === 'reading')!;
  const body = old.body as Reading;
  const change = (ph: number): Change => ({
    kind: 'reading',
    recordId: old.recordId,
    parents: [old.revId],
    body: { ...body, ph: { ...body.ph!, shown: ph } },
  });
  const found: Change = {
    kind: 'reading',
    body: {
      ...body,
      takenAt: new Date(NOW_MS - 400 * DAY_MS).toISOString(),
      lab: { ph: 6, name: '' },
    },
  };
  const revisions = [
    ...house.revisions,
    write(change(5), NOW_MS - 400 * DAY_MS),
    write(change(6), NOW_MS - 400 * DAY_MS),
    write(found, NOW_MS - 400 * DAY_MS),
  ];
  const { whole, partial } = openedBoth(revisions, about);
  const [all, some] = [whole, partial].map((book) => answerBook(() => book));
  expect(await all!.conflicts()).toHaveLength(1);
  expect(await some!.conflicts()).toEqual(await all!.conflicts());
  expect(await some!.pens(NOW_MS)).toEqual(await all!.pens(NOW_MS));
});

test('nor what a clock that was set back would hide', () => {
  const { partial } = openedBoth(house.revisions, about);
  expect(partial.all('tank')).toHaveLength(6);
  partial.setNow(NOW_MS - 400 * DAY_MS);
  expect(() => partial.all('tank')).toThrow(NeedsEarlier);
});

test('a reading that is left can be neither looked up nor replaced unseen; a new one is nobody’s', () => {
  const { whole, partial, left } = openedBoth(house.revisions, about);
  const { recordId, revId } = left[0]!;
  expect(() => partial.recordIf('reading', recordId)).toThrow(NeedsEarlier);
  expect(() => partial.headIds(recordId)).toThrow(NeedsEarlier);
  expect(() => partial.recordOf(revId)).toThrow(NeedsEarlier);
  expect(partial.headIds(makeId())).toEqual([]);
  partial.stage(left.slice(0, 10));
  expect(() => partial.headIds(recordId)).toThrow(NeedsEarlier);
  expect(partial.left.isWhole).toBe(false);
  partial.stage(left.slice(10));
  partial.complete();
  expect(partial.headIds(recordId)).toEqual(whole.headIds(recordId));
  expect(partial.left.isWhole).toBe(true);
});

test('uses of a pen that are no numbers are not believed', () => {
  const told = {
    beforeMs: 1,
    size: 2,
    latestAt: '',
    lastRecordId: '',
    lastRevId: '',
    left: {},
    hereSinceMs: {},
  };
  const read = (uses: unknown) => earlierSchema.safeParse({ ...told, usesMs: { 'ph/p1': uses } });
  expect(read([5, 2, 3]).data?.usesMs['ph/p1']).toEqual([5, 7, 10]);
  for (const wrong of [[5, '2'], [5, null], [NaN], 'five', { 0: 5 }])
    expect(read(wrong).success).toBe(false);
});

import fc from 'fast-check';
import { DAY_MS, HOUR_MS } from '@/core/units';
import { writeRevision, type Change, type Revision } from '@/records';
import type { Addition, Reading } from '@/records/kinds';
import { houseBook } from '../../../scripts/bench/houseBook';
import { answerBook } from './answerBook';
import { NeedsEarlier } from './earlierReadings';
import { askAll, growersBook, NOW_MS, revisionsOf } from './testing/anyBooks';
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

test('whatever is answered without the earlier readings is what the whole book answers, and stays', async () => {
  let without = 0;
  let refused = 0;
  await fc.assert(
    fc.asyncProperty(
      growersBook,
      fc.integer({ min: 0, max: 8 }),
      fc.integer({ min: 1, max: 3 }),
      async (records, months, newestHere) => {
        const about = { nowMs: NOW_MS, beforeMs: monthsAgo(months), newestHere };
        const { whole, partial, left } = openedBoth(revisionsOf(records), about);
        const [all, first] = [await asked(whole), await asked(partial)];
        for (const [at, [name, told]] of first.entries()) {
          if (told === 'needs earlier') refused += 1;
          else {
            without += 1;
            expect([name, told]).toEqual(all[at]);
          }
        }
        expect(partial.size).toBe(whole.size);
        const half = Math.floor(left.length / 2);
        partial.stage(left.slice(0, half));
        expect(partial.size).toBe(whole.size);
        for (const [at, [name, told]] of (await asked(partial)).entries())
          if (told !== 'needs earlier') expect([name, told]).toEqual(all[at]);
        partial.stage(left.slice(half));
        partial.complete();
        expect(await asked(partial)).toEqual(all);
      },
    ),
    { seed: 7, numRuns: 4 * RUNS, endOnFailure: true },
  );
  expect(without).toBeGreaterThan(10 * refused);
  expect(refused).toBeGreaterThan(RUNS);
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

test('nor what a clock that was set back would hide', () => {
  const { partial } = openedBoth(house.revisions, about);
  expect(partial.all('tank')).toHaveLength(6);
  partial.setNow(NOW_MS - 400 * DAY_MS);
  expect(() => partial.all('tank')).toThrow(NeedsEarlier);
});

test('a reading that is left can be neither looked up nor replaced unseen; a new one is nobody’s', () => {
  const { whole, partial, left } = openedBoth(house.revisions, about);
  const { recordId, revId } = left[0]!;
  expect(() => partial.record('reading', recordId)).toThrow(NeedsEarlier);
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

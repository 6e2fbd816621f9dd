import { DAY_MS } from '@/core/units';
import { writeRevision, type Change, type Revision } from '@/records';
import type { Reading } from '@/records/kinds';
import { houseBook } from '../../scripts/bench/houseBook';
import { retried } from './askingEarlier';
import { ledgerAnswer } from './engine/ledgerAnswer';
import { roundAnswer } from './engine/roundAnswer';
import { tankHistoryAnswer } from './engine/tankAnswers';
import type { OpenBook } from './openBook';
import { MOMENT, testBrowser } from './testing/browser';

const { nowMs } = MOMENT;
const [TANKS, DAYS] = [8, 370];
const house = houseBook({ tanks: TANKS, pens: 3, readingsEach: DAYS, endMs: nowMs });
const MOMENT_ISO = new Date(nowMs).toISOString();
const [tank] = house.tankIds;
// Each opens books of some thousand entries.
jest.setTimeout(30_000);

const LIST = 'o/readings';

/** A browser whose own book is the house's, opened once and settled in. */
async function furnished() {
  const browser = testBrowser();
  const book = await browser.open();
  await book.appendRevisions(house.revisions, MOMENT);
  await book.settleIn(nowMs);
  return browser;
}

const opened = async ({ open }: Awaited<ReturnType<typeof furnished>>) => {
  const changes: unknown[] = [];
  const book = await open({ onChange: (kinds) => changes.push(kinds) });
  return { book, changes };
};

const ledger = (book: OpenBook) =>
  retried(
    () => ledgerAnswer(book.state, {}, { skip: 0, count: 3 }),
    () => book.whole(),
  );

test('an opening leaves what is old, tells the same, and brings it when it is asked for', async () => {
  const browser = await furnished();
  const whole = testBrowser();
  const all = await whole.open();
  await all.appendRevisions(house.revisions, MOMENT);
  const { book } = await opened(browser);
  expect(book.state.left.isWhole).toBe(false);
  expect(book.state.recordsHere().size).toBeLessThan(house.revisions.length / 3);
  expect(book.state.size).toBe(house.revisions.length);
  expect(roundAnswer(book.state, { nowMs })).toEqual(roundAnswer(all.state, { nowMs }));
  expect(book.state.left.isWhole).toBe(false);
  expect((await ledger(book)).total).toBe((await ledger(all)).total);
  expect(book.state.left.isWhole).toBe(true);
  expect(tankHistoryAnswer(book.state, tank!)).toEqual(tankHistoryAnswer(all.state, tank!));
});

test('who waits for them hears how far it is, and that it is over', async () => {
  const { book } = await opened(await furnished());
  const shares: (number | null)[] = [];
  await Promise.all([book.whole(), book.whole((share) => shares.push(share))]);
  expect(shares.at(-1)).toBeNull();
  const told = shares.slice(0, -1) as number[];
  expect(told.length).toBeGreaterThan(0);
  expect([...told].sort((a, b) => a - b)).toEqual(told);
  expect(told.at(-1)).toBe(1);
});

test('while nobody waits for them others go first; who asks for them waits for nobody', async () => {
  const browser = await furnished();
  let [asked, isBusy] = [0, true];
  const letOthersGo = async () => {
    asked += 1;
    while (isBusy) await new Promise((resolve) => setTimeout(resolve));
  };
  const book = await browser.open({ letOthersGo });
  // Each look at the clock is a long stretch later.
  let atMs = 0;
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => (atMs += 1000));
  const settled = book.settleIn(nowMs);
  while (asked === 0) await new Promise((resolve) => setTimeout(resolve));
  expect(book.state.left.isWhole).toBe(false);
  isBusy = false;
  while (asked < 2) await new Promise((resolve) => setTimeout(resolve));
  const before = asked;
  await book.whole();
  expect(asked).toBe(before);
  expect(book.state.left.isWhole).toBe(true);
  await settled;
  clock.mockRestore();
});

test('two that ask at once wait for the same', async () => {
  const { book } = await opened(await furnished());
  const [first, second] = await Promise.all([ledger(book), ledger(book)]);
  expect(second).toEqual(first);
  expect(book.state.size).toBe(house.revisions.length);
});

test('a file of the book holds what was left', async () => {
  const { book } = await opened(await furnished());
  const file = await book.files.make();
  const there = await testBrowser().open();
  expect(await there.files.open(file)).toMatchObject({
    ok: true,
    value: { fresh: house.revisions.length },
  });
});

test('a list that is damaged, or of other packs, leaves nothing', async () => {
  const browser = await furnished();
  browser.held.set(LIST, `${String(browser.held.get(LIST))} `);
  expect((await opened(browser)).book.state.left.isWhole).toBe(true);

  const other = await furnished();
  const { book } = await opened(other);
  const old = house.reading(1, 3, nowMs - 300 * DAY_MS);
  await book.append([{ kind: 'reading', body: old.body as Reading }], MOMENT);
  await book.housekeep(nowMs);
  await book.appendRevisions(
    Array.from({ length: 210 }, (_, at) => house.reading(2, at, nowMs - 300 * DAY_MS + at)),
    MOMENT,
  );
  const next = (await opened(other)).book;
  expect(next.state.left.isWhole).toBe(true);
  expect(next.state.size).toBe(house.revisions.length + 211);
  // It is made anew, with what came.
  await next.settleIn(nowMs);
  const then = (await opened(other)).book;
  expect(then.state.left.isWhole).toBe(false);
  expect(then.state.size).toBe(house.revisions.length + 211);
});

test('a pack that was damaged since is told once it is read', async () => {
  const browser = await furnished();
  const key = [...browser.held.keys()].find((one) => one.startsWith('p/reading/'))!;
  browser.held.set(key, `${String(browser.held.get(key))} `);
  const { book, changes } = await opened(browser);
  expect(book.findings.setAside).toEqual([]);
  changes.length = 0;
  await book.whole();
  expect(book.findings.setAside).toMatchObject([{ key, reason: 'changed' }]);
  expect(changes).toHaveLength(1);
});

test('an old reading is voided: it is looked up first, and every opening after knows', async () => {
  const browser = await furnished();
  const { book } = await opened(browser);
  const old = house.revisions.find(({ kind }) => kind === 'reading')!;
  const gone: Change = { kind: 'reading', recordId: old.recordId, body: null };
  await retried(
    () => book.append([gone], MOMENT),
    () => book.whole(),
  );
  const next = (await opened(browser)).book;
  // What it replaces had been left: the opening fetched it.
  expect(next.state.left.isWhole).toBe(true);
  expect(next.state.all('reading')).toHaveLength(TANKS * DAYS - 1);
  await next.settleIn(nowMs);
  const then = (await opened(browser)).book;
  expect(then.state.left.isWhole).toBe(false);
  await then.whole();
  expect(then.state.all('reading')).toHaveLength(TANKS * DAYS - 1);
});

test('one that another tab voids is fetched before anything is told', async () => {
  const browser = await furnished();
  const [{ book }, { book: other }] = [await opened(browser), await opened(browser)];
  await other.whole();
  const old = house.revisions.find(({ kind }) => kind === 'reading')!;
  await other.append([{ kind: 'reading', recordId: old.recordId, body: null }], MOMENT);
  expect(() => book.state.all('tank')).toThrow('');
  await book.whole();
  expect(book.state.all('tank')).toHaveLength(TANKS);
  expect(book.state.all('reading')).toHaveLength(TANKS * DAYS - 1);
});

test('packs that another tab wrote anew meanwhile are read where they lie now', async () => {
  const browser = await furnished();
  const [{ book }, { book: other }] = [await opened(browser), await opened(browser)];
  const fresh = Array.from({ length: 210 }, (_, at) => {
    const body = house.reading(0, at, nowMs - 200 * DAY_MS + at).body as Reading;
    const writer = { nowMs, zone: 'UTC', by: '', device: 'other' };
    const revId = `01KZZZZZZZZZZZZZZZZZZZZ${String(at).padStart(3, '0')}`;
    const change: Change = { kind: 'reading', body };
    return writeRevision(change, { ...writer, makeId: () => revId }) as Revision;
  });
  browser.mute();
  const bringing = book.whole();
  await other.appendRevisions(fresh, MOMENT);
  await bringing;
  expect(book.state.size).toBe(house.revisions.length + 210);
});

test('what is erased for good is in no copy of what an opening needs', async () => {
  const browser = await furnished();
  const { book } = await opened(browser);
  const listed = () => String(browser.held.get(LIST));
  await book.whole();
  const gone = house.revisions.find(({ kind }) => kind === 'reading')!;
  const until = new Date(nowMs - (DAYS - 2) * DAY_MS).toISOString();
  expect(listed()).toMatch(/^[0-9a-f]+:/);
  const erasure = { at: MOMENT_ISO, why: 'asked', kinds: ['reading'], until, count: 0, note: '' };
  expect(await book.erase(erasure as never, MOMENT)).toBeGreaterThan(0);
  expect(browser.held.has(LIST)).toBe(false);
  await book.settleIn(nowMs);
  expect(browser.held.has(LIST)).toBe(true);
  expect([...browser.held.values()].some((value) => String(value).includes(gone.revId))).toBe(
    false,
  );
  const next = (await opened(browser)).book;
  expect(next.state.left.isWhole).toBe(false);
  expect(next.state.size).toBe(book.state.size);
});

test('an act of long ago is taken back whole', async () => {
  const browser = testBrowser();
  const first = await browser.open();
  await first.appendRevisions(house.revisions, MOMENT);
  const wide = houseBook({ tanks: 1, pens: 1, readingsEach: 300, endMs: nowMs }).revisions;
  const act = wide[0]!.act;
  await first.appendRevisions(
    wide.map((revision) => ({ ...revision, act })),
    MOMENT,
  );
  await first.settleIn(nowMs);
  const { book } = await opened(browser);
  expect(book.state.left.isWhole).toBe(false);
  expect(await book.undo(act, MOMENT)).toMatchObject({ ok: true });
  expect(book.state.all('tank')).toHaveLength(TANKS);
  expect(book.state.all('reading')).toHaveLength(TANKS * DAYS);
});

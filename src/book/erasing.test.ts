import { takeReading } from '@/acts';
import { idSource, type ActId, type Change, type TankId } from '@/records';
import { writeBundle } from '@/interchange/bundle';
import { plainTank } from '@/records/testing/plainTank';
import { eraseAnswer, erasureOf } from './engine/eraseAnswer';
import type { OpenBook } from './openBook';
import { MOMENT, testBrowser } from './testing/browser';

const DAY_MS = 86_400_000;
const YEAR_MS = 365.25 * DAY_MS;
const newId = idSource();
const actId = () => newId(MOMENT.nowMs) as string as ActId;
const at = (yearsAgo: number) => new Date(MOMENT.nowMs - yearsAgo * YEAR_MS).toISOString();

const reading = (tankId: TankId, yearsAgo: number): Change =>
  takeReading({
    tankId,
    sampleKind: 'tank',
    takenAt: at(yearsAgo),
    note: '',
    ph: { shown: 5.9, penId: 'pen-1' },
  }).changes[0]!;

/** A book of two tanks with a reading of each in every year back to the tenth. */
async function years(browser = testBrowser()) {
  const book = await browser.open();
  const { recordIds } = await book.append(
    [
      { kind: 'tank', recordId: 'tank-a', body: plainTank('A') },
      { kind: 'tank', recordId: 'tank-b', body: plainTank('B') },
    ] as Change[],
    MOMENT,
  );
  const all = Array.from({ length: 10 }, (_, year) => year + 0.5);
  for (const year of all)
    await book.append([reading('tank-a', year), reading('tank-b', year)], MOMENT);
  return { ...browser, book, tanks: recordIds };
}

const told = (book: OpenBook) =>
  book.state.all('reading').map(({ body }) => `${body.tankId} ${body.takenAt.slice(0, 4)}`);
const erase = (book: OpenBook, wish: Parameters<typeof erasureOf>[1], act = actId()) =>
  book.erase(erasureOf(book.state, wish, MOMENT.nowMs), { ...MOMENT, actId: act });
const before = (yearsAgo: number) => ({ untilMs: MOMENT.nowMs - yearsAgo * YEAR_MS });
const fileOf = (book: OpenBook) => new Blob([writeBundle(book.state.revisions())]);

test('what is erased is gone from memory, storage, the copy and the other tab; the rest is whole', async () => {
  const { book, open, held, copyHeld, tanks } = await years();
  const other = await open();
  await book.housekeep(MOMENT.nowMs);
  await book.append([reading('tank-a', 9.2)], MOMENT);
  const goneIds = book.state
    .all('reading')
    .filter(({ body }) => body.tankId === 'tank-a' && body.takenAt < at(5))
    .map(({ id }) => id);
  expect(goneIds).toHaveLength(6);

  const act = actId();
  expect(await erase(book, { ...before(5), tankId: 'tank-a' }, act)).toBe(6);
  const left = [...told(book)].sort();
  expect(left).toHaveLength(15);
  expect([...told(other)].sort()).toEqual(left);
  const stored = JSON.stringify([...held.values()]) + JSON.stringify([...copyHeld.values()]);
  expect(goneIds.filter((id) => stored.includes(id))).toEqual([]);
  expect(String(held.get('m/erased'))).toBe(`${new Date(MOMENT.nowMs).toISOString()} 6`);

  const anew = await open();
  expect([...told(anew)].sort()).toEqual(left);
  expect(anew.findings).toMatchObject({ missing: [], setAside: [], listDamaged: false });
  expect(anew.state.all('tank').map(({ id }) => id)).toEqual(tanks);
  expect(anew.state.all('erasure').map(({ body }) => body)).toMatchObject([
    { why: 'asked', tankId: 'tank-a', count: 6 },
  ]);
  // A period has two ends.
  const fromMs = MOMENT.nowMs - 5 * YEAR_MS;
  expect(eraseAnswer(book.state, { fromMs, untilMs: MOMENT.nowMs }, MOMENT.nowMs).count).toBe(4);
  // Pressed twice it is one erasing.
  expect(await erase(book, { ...before(5), tankId: 'tank-a' }, act)).toBe(6);
  expect(book.state.all('erasure')).toHaveLength(1);
});

test('nothing younger than the years it must be kept can be erased, and the answer says how long', async () => {
  const { book } = await years();
  expect(() => erasureOf(book.state, before(2.9), MOMENT.nowMs)).toThrow('kept longer');
  const answer = eraseAnswer(book.state, { untilMs: MOMENT.nowMs }, MOMENT.nowMs);
  expect(answer).toMatchObject({ keepYears: 3, count: 14, done: [] });
  expect(answer.byKind).toEqual([{ kind: 'reading', count: 14 }]);
  expect(new Date(answer.latestMs).toISOString().slice(0, 10)).toBe('2023-05-01');
  // By setting longer.
  const settings = { recordId: 'setting-book', kind: 'setting', body: { keepYears: 7 } };
  await book.append([settings as unknown as Change], MOMENT);
  expect(eraseAnswer(book.state, { untilMs: MOMENT.nowMs }, MOMENT.nowMs)).toMatchObject({
    keepYears: 7,
    count: 6,
  });
  expect(() => erasureOf(book.state, before(5), MOMENT.nowMs)).toThrow('kept longer');
});

test('nothing of it comes back: not from an old file, not from the copy, not after an amendment there', async () => {
  const { book, open, copy } = await years();
  const old = fileOf(book);
  const there = await testBrowser().open();
  await there.files.open(old);
  await there.files.take(MOMENT);
  // On the other phone one of the old readings is amended, and one is voided.
  const [amended, voided] = there.state.all('reading').filter(({ body }) => body.takenAt < at(8));
  await there.append(
    [
      { kind: 'reading', recordId: amended!.id, body: { ...amended!.body, note: 'late' } },
      { kind: 'reading', recordId: voided!.id, body: null },
    ] as Change[],
    MOMENT,
  );
  await erase(book, before(5));
  const left = [...told(book)].sort();
  expect(left).toHaveLength(10);

  for (const file of [old, fileOf(there)]) {
    const opened = await book.files.open(file);
    expect(opened.ok && opened.value).toMatchObject({ fresh: 0 });
    expect(opened.ok && opened.value.erased).toBeGreaterThanOrEqual(10);
    await book.files.take(MOMENT);
  }
  await copy.keep(there.state.revisions());
  expect(await book.bringBack(MOMENT)).toBe(0);
  expect([...told(await open())].sort()).toEqual(left);

  // The phone that never heard of it follows when it takes in this book, and says so first.
  const joining = await there.files.open(fileOf(book));
  expect(joining.ok && joining.value).toMatchObject({ fresh: 1, erases: 10 });
  await there.files.take(MOMENT);
  expect([...told(there)].sort()).toEqual(left);
});

test('a slip into the erased time loses nothing: an amendment stays, a new entry is refused aloud', async () => {
  const { book, open } = await years();
  await erase(book, before(5));
  const [newest] = book.state.all('reading').filter(({ body }) => body.takenAt > at(1));
  const slip = { ...newest!.body, takenAt: at(9) };
  await book.append([{ kind: 'reading', recordId: newest!.id, body: slip } as Change], MOMENT);
  const anew = await open();
  expect(anew.state.record('reading', newest!.id)?.body.takenAt).toBe(at(9));
  await expect(book.append([reading('tank-a', 9)], MOMENT)).rejects.toThrow('erased for good');
  expect((await open()).state.all('reading')).toHaveLength(10);
});

test('a disk that fails leaves everything as it was', async () => {
  const { book, port, open } = await years();
  const broken = await open({
    at: {
      ...port,
      inOneGo: (mode, work) =>
        mode === 'write' ? Promise.reject(new Error('full')) : port.inOneGo(mode, work),
    },
  });
  await expect(erase(broken, before(5))).rejects.toThrow('full');
  expect(told(broken)).toHaveLength(20);
  expect(told(await open())).toEqual(told(book));
});

test('the steps of a sitting go a month after it ended; its check and an open sitting stay', async () => {
  const { book, open, held } = await years();
  const draft = { penId: 'pen-1', quantity: 'ph', startedAt: at(0), events: [] };
  const { recordIds } = await book.append(
    [
      { kind: 'benchDraft', body: draft },
      { kind: 'benchDraft', body: draft },
    ] as unknown as Change[],
    MOMENT,
  );
  const [ended, going] = recordIds as [string, string];
  await book.append([{ kind: 'benchDraft', recordId: ended, body: null }], MOMENT);
  const file = fileOf(book);
  await book.housekeep(MOMENT.nowMs + 29 * DAY_MS);
  expect(book.state.revisionsOf(ended)).toHaveLength(2);
  const later = { ...MOMENT, nowMs: MOMENT.nowMs + 31 * DAY_MS };
  book.setNow(later.nowMs);
  await book.housekeep(later.nowMs);
  expect(book.state.revisionsOf(ended)).toHaveLength(0);
  expect(book.state.all('benchDraft').map(({ id }) => id)).toEqual([going]);
  expect(told(book)).toHaveLength(20);
  expect(JSON.stringify([...held.values()])).not.toContain(ended);
  expect(book.state.all('erasure').map(({ body }) => [body.why, body.count])).toEqual([
    ['thinned', 1],
  ]);
  // Told once, not at every housekeeping; and an old file does not bring the steps back.
  await book.housekeep(later.nowMs + DAY_MS);
  expect(book.state.idsOf('erasure')).toHaveLength(1);
  await book.files.open(file);
  await book.files.take(later);
  expect((await open({ moment: later })).state.revisionsOf(ended)).toHaveLength(0);
});

import { saveLot, saveTank, takeReading } from '@/acts';
import type { BodyOf, Change, TankId } from '@/records';
import { FOLLOW_AHEAD_MS } from '@/records';
import { plainTank } from '@/records/testing/plainTank';
import { aheadAnswer } from './engine/aheadAnswer';
import type { OpenBook } from './openBook';
import { MOMENT, testBrowser } from './testing/browser';

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;
const YEAR_MS = 365 * DAY_MS;
const at = (ms: number) => ({ ...MOMENT, nowMs: MOMENT.nowMs + ms });
const iso = (ms: number) => new Date(MOMENT.nowMs + ms).toISOString();

const reading = (shown: number, ms: number) =>
  takeReading({
    tankId: 'T',
    sampleKind: 'tank',
    takenAt: iso(ms),
    note: '',
    ph: { shown, penId: 'P' },
  }).changes;
const shownIn = (book: OpenBook) =>
  book.state.all('reading').map(({ body }) => [body.ph?.shown, body.takenAt] as const);

test('a reading written under a clock a year ahead hides nothing until it is put right', async () => {
  const { open } = testBrowser();
  const wrong = await open({ moment: at(YEAR_MS) });
  await wrong.append(reading(6.9, YEAR_MS), at(YEAR_MS));
  const book = await open();
  await book.append(reading(5.9, 0), MOMENT);
  expect(shownIn(book)).toEqual([[5.9, iso(0)]]);
  const ahead = aheadAnswer(book.state, 'phone');
  expect(ahead).toEqual({
    count: 1,
    oldestMs: MOMENT.nowMs + YEAR_MS,
    newestMs: MOMENT.nowMs + YEAR_MS,
    byThisDevice: 1,
  });
});

test('correcting the clock is one act: moments are moved, what papers say is not', async () => {
  const { open } = testBrowser();
  const wrong = await open({ moment: at(YEAR_MS) });
  const lot: BodyOf<'lot'> = {
    kind: 'buffer',
    form: 'bottle',
    nominal: 7,
    lotCode: 'A1',
    openedAt: iso(YEAR_MS),
    expiresAt: iso(2 * YEAR_MS),
    note: '',
  };
  await wrong.append(reading(6.9, YEAR_MS - 60 * MINUTE_MS), at(YEAR_MS - 60 * MINUTE_MS));
  await wrong.append(saveLot(undefined, lot).changes, at(YEAR_MS));
  const book = await open();
  await book.correctClock(-YEAR_MS, MOMENT);
  expect(aheadAnswer(book.state, 'phone')).toBeNull();
  expect(shownIn(book)).toEqual([[6.9, iso(-60 * MINUTE_MS)]]);
  const [shelf] = book.state.all('lot');
  expect(shelf?.body).toMatchObject({ openedAt: iso(0), expiresAt: iso(2 * YEAR_MS) });
  expect(shelf?.head.why).toContain('wrong clock');
  // The same after opening anew, and what was written first is still there.
  const again = await open();
  expect(shownIn(again)).toEqual([[6.9, iso(-60 * MINUTE_MS)]]);
  expect(again.state.revisions()).toHaveLength(4);
});

test('an edit from next year hides behind today’s edit of the same tank', async () => {
  const { open } = testBrowser();
  const book = await open();
  const tank = (high: number) => plainTank('Basil', { phBand: { low: 5.5, high } });
  const { recordIds } = await book.append(saveTank(undefined, tank(6.5)).changes, MOMENT);
  const recordId: TankId = recordIds[0]! as string;
  const wrong = await open({ moment: at(YEAR_MS) });
  await wrong.append([{ kind: 'tank', recordId, body: tank(9) }], at(YEAR_MS));
  const today = await open({ moment: at(DAY_MS) });
  const bandOf = () => today.state.record('tank', recordId)?.body.phBand?.high;
  expect(bandOf()).toBe(6.5);
  await today.append([{ kind: 'tank', recordId, body: tank(6.2) }], at(DAY_MS));
  expect(bandOf()).toBe(6.2);
  expect(aheadAnswer(today.state, 'phone')).toBeNull();
});

test('this device’s own clock is behind: its entries wait, and count as soon as it is right', async () => {
  const { open } = testBrowser();
  await (await open()).append(reading(5.9, 0), MOMENT);
  const told: string[] = [];
  const book = await open({ moment: at(-YEAR_MS), onChange: (kinds) => told.push(...kinds) });
  expect(shownIn(book)).toEqual([]);
  expect(aheadAnswer(book.state, 'phone')?.count).toBe(1);
  told.length = 0;
  book.setNow(MOMENT.nowMs);
  expect(shownIn(book)).toEqual([[5.9, iso(0)]]);
  expect(told).toEqual(['reading']);
});

test('a clock set back while the book is open is noticed', async () => {
  const { open } = testBrowser();
  const book = await open({ moment: at(YEAR_MS) });
  await book.append(reading(6.9, YEAR_MS), at(YEAR_MS));
  expect(shownIn(book)).toHaveLength(1);
  book.setNow(MOMENT.nowMs);
  expect(shownIn(book)).toEqual([]);
});

test('ten minutes of difference between two phones make no alarm', async () => {
  const { open } = testBrowser();
  const other = await open({ moment: at(FOLLOW_AHEAD_MS) });
  await other.append(reading(6, FOLLOW_AHEAD_MS), at(FOLLOW_AHEAD_MS));
  const book = await open();
  expect(shownIn(book)).toHaveLength(1);
  await book.append(reading(6.1, 0), MOMENT);
  const ids = book.state.revisions().map(({ revId }) => revId);
  expect([...ids].sort()).toEqual(ids);
});

test('two phones an hour apart: the one that is ahead is told by the other, and joined by one act', async () => {
  const [phone, tablet] = [testBrowser(), testBrowser()];
  const ahead = await tablet.open({ moment: at(60 * MINUTE_MS) });
  await ahead.append(reading(6.4, 60 * MINUTE_MS), at(60 * MINUTE_MS));
  const book = await phone.open();
  await book.append(reading(5.9, 0), MOMENT);
  await book.files.open(await ahead.files.make());
  await book.files.take(MOMENT);
  expect(shownIn(book)).toEqual([[5.9, iso(0)]]);
  await book.correctClock(-60 * MINUTE_MS, at(5 * MINUTE_MS));
  expect(shownIn(book).map(([shown]) => shown)).toEqual([5.9, 6.4]);
});

test('a bottle’s date and a fact that holds from a later day are no clock’s mistake', async () => {
  const { open } = testBrowser();
  const book = await open();
  const expiresAt = iso(3 * YEAR_MS);
  const body = { kind: 'buffer', form: 'bottle', nominal: 7, lotCode: '', expiresAt, note: '' };
  await book.append(
    [{ kind: 'lot', body, effectiveFromMs: MOMENT.nowMs + YEAR_MS } as Change],
    MOMENT,
  );
  expect(book.state.all('lot')).toHaveLength(1);
  expect(aheadAnswer(book.state, 'phone')).toBeNull();
});

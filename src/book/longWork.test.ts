import { houseBook } from '../../scripts/bench/houseBook';
import { inTurns, LongWork, Stopped } from './longWork';
import { rescueBook } from './rescue';
import { MOMENT, testBrowser } from './testing/browser';

/** Larger than one piece of reading, and than one of writing. */
const house = houseBook({ tanks: 20, pens: 3, readingsEach: 300, endMs: MOMENT.nowMs });

async function furnished() {
  const book = await testBrowser().open();
  await book.appendRevisions(house.revisions, MOMENT);
  return book;
}

test('long work tells how far it is, and ends at the next step once it is stopped', async () => {
  const work = new LongWork();
  const told: number[] = [];
  const going = work.go(
    (share) => told.push(share),
    async (step) => {
      await step(0.1);
      await step(0.2);
      return 'done';
    },
  );
  expect(await going).toBe('done');
  expect(told).toEqual([0.1, 0.2]);
  // Nothing is under way: there is nothing to stop, and what comes next is not.
  work.stop();
  expect(
    await work.go(
      () => undefined,
      async (step) => step(1),
    ),
  ).toBeUndefined();
  const stopped = work.go(
    () => work.stop(),
    async (step) => step(0.5),
  );
  await expect(stopped).rejects.toThrow(Stopped);
});

test('a file of the book is made and read by steps; stopped, it is made and read all the same the next time', async () => {
  const book = await furnished();
  const shares: number[] = [];
  const file = await book.files.make((share) => shares.push(share));
  expect(shares.length).toBeGreaterThan(3);
  expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  expect(shares.at(-1)).toBeLessThanOrEqual(1);
  await expect(book.files.make(() => book.files.stop())).rejects.toThrow(Stopped);
  // Before it told of anything.
  const early = book.files.make();
  book.files.stop();
  await expect(early).rejects.toThrow(Stopped);
  expect((await book.files.make()).size).toBe(file.size);

  const there = await testBrowser().open();
  const read: number[] = [];
  await expect(there.files.open(file, () => there.files.stop())).rejects.toThrow(Stopped);
  // What was stopped left nothing that could be taken in.
  expect(await there.files.take(MOMENT)).toEqual({ added: 0 });
  expect(await there.files.open(file, (share) => read.push(share))).toMatchObject({ ok: true });
  expect(read.length).toBeGreaterThan(1);
  // Stopped while it is held to its schemas, or while it is written: nothing of it is in the book.
  for (const at of [0.2, 0.6]) {
    const stops = (share: number) => (share >= at ? there.files.stop() : undefined);
    await expect(there.files.take(MOMENT, stops)).rejects.toThrow(Stopped);
    expect(there.state.size).toBe(0);
  }
  const taken: number[] = [];
  expect(await there.files.take(MOMENT, (share) => taken.push(share))).toEqual({
    added: house.revisions.length,
  });
  expect([...taken].sort((a, b) => a - b)).toEqual(taken);
  expect(taken.at(-1)).toBe(1);
}, 30_000);

test('everything readable of a book that does not open is saved by steps, whole, and can be stopped', async () => {
  const { open, port } = testBrowser();
  await (await open()).appendRevisions(house.revisions, MOMENT);
  const work = new LongWork();
  const shares: number[] = [];
  const save = (onShare: (share: number) => void) =>
    work.go(onShare, (step) => rescueBook('own', port, step));
  const rescued = await save((share) => shares.push(share));
  expect(rescued).toMatchObject({ book: 'own', entries: house.revisions.length, setAside: 0 });
  expect(shares.length).toBeGreaterThan(3);
  expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  const there = await testBrowser().open();
  expect(await there.files.open(rescued!.file)).toMatchObject({ ok: true });
  await expect(save(() => work.stop())).rejects.toThrow(Stopped);
});

test('pieces of an answer are done in their order, and what is asked meanwhile goes in between', async () => {
  const done: string[] = [];
  // Each look at the clock is a long piece later.
  let atMs = 0;
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => (atMs += 10));
  const pieces = ['first', 'second', 'third'].map((name) => () => done.push(name));
  const asked = new Promise<void>((resolve) =>
    setImmediate(() => {
      done.push('asked');
      resolve();
    }),
  );
  await Promise.all([inTurns(pieces), asked]);
  clock.mockRestore();
  expect(done.filter((name) => name !== 'asked')).toEqual(['first', 'second', 'third']);
  expect(done.indexOf('asked')).toBeLessThan(done.indexOf('third'));
  // Short ones are not held up by turns nobody needs.
  const short: number[] = [];
  const shorts = inTurns([1, 2, 3].map((each) => () => short.push(each)));
  expect(short).toEqual([1, 2, 3]);
  await shorts;
});

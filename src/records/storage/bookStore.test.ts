import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { idSource, writeRevision, type Revision } from '../index';
import { browserStorage } from './asyncStorage';
import { BookStore } from './bookStore';
import { COMPACTION_KEY, compactJournal } from './compact';
import { memoryStorage } from './memory';
import { decodePack, encodePack } from './packs';
import type { StoragePort } from './port';

const makeId = idSource();
const START_MS = Date.UTC(2026, 2, 1);

function person(initials: string, nowMs = START_MS): Revision {
  const writer = { makeId, nowMs, zone: 'UTC', by: '', device: 'phone' };
  return writeRevision({ kind: 'person', body: { initials, name: '' } }, writer);
}

let queue = Promise.resolve();
const oneAtATime = (work: () => Promise<void>) => (queue = queue.then(work));
const open = (port: StoragePort, session: string) => new BookStore(port, session, oneAtATime);
const idsOf = (revisions: readonly Revision[]) => revisions.map((r) => r.revId as string).sort();

test('what was appended is there after opening anew, from journal and from packs', async () => {
  const port = browserStorage('store-test');
  const store = open(port, 'one');
  const written = [person('AB'), person('CD', START_MS + 40 * 86_400_000)];
  await store.append(written);
  expect(idsOf((await open(port, 'two').load()).revisions)).toEqual(idsOf(written));
  await store.compact();
  expect((await port.keys()).filter((key) => key.startsWith('j/'))).toEqual([]);
  expect(idsOf((await open(port, 'three').load()).revisions)).toEqual(idsOf(written));
});

test('two tabs append 200 each while one packs: 400 are there', async () => {
  const port = browserStorage('two-tabs');
  const tabs = [open(port, 'left'), open(port, 'right')];
  const acts = tabs.flatMap((tab, which) =>
    Array.from({ length: 200 }, (_, at) => tab.append([person(`${which}${at}`.slice(0, 4))])),
  );
  await Promise.all([...acts, tabs[0]!.compact(), tabs[1]!.compact()]);
  await tabs[0]!.compact();
  expect((await open(port, 'later').load()).revisions).toHaveLength(400);
});

test('a crash between writing packs and removing the journal loses and doubles nothing', async () => {
  const held = new Map<string, string>();
  const port = memoryStorage(held);
  await open(port, 'one').append([person('AB'), person('CD')]);
  const crashing: StoragePort = {
    ...port,
    removeMany: async () => Promise.reject(new Error('crashed')),
  };
  await expect(compactJournal(crashing)).rejects.toThrow('crashed');
  expect((await open(port, 'two').load()).revisions).toHaveLength(2);
  await compactJournal(port);
  expect((await open(port, 'three').load()).revisions).toHaveLength(2);
});

test('a tab that missed a message knows that it is behind', async () => {
  const port = memoryStorage();
  const [left, right] = [open(port, 'left'), open(port, 'right')];
  await right.load();
  expect(await right.isBehind()).toBe(false);
  await left.append([person('AB')]);
  expect(await right.isBehind()).toBe(true);
  await right.load();
  expect(await right.isBehind()).toBe(false);
  await left.compact();
  expect(await right.isBehind()).toBe(true);
});

test('a body that breaks its schema is not written', async () => {
  const port = memoryStorage();
  const bad = { ...person('AB'), body: { initials: '', name: '' } } as Revision;
  await expect(open(port, 'one').append([bad])).rejects.toThrow('initials');
  expect(await port.keys()).toEqual([]);
});

test('a torn pack is read revision by revision and never rewritten', async () => {
  const good = encodePack([person('AB'), person('CD')]);
  const edited = good.replace('"AB"', '"ZZ"');
  expect(decodePack(edited).revisions).toHaveLength(2);
  expect(decodePack(good.slice(0, -20))).toEqual({ revisions: [], damaged: 1 });
  const port = memoryStorage(new Map([['j/phone/x/1', 'garbage']]));
  await compactJournal(port);
  expect(await port.keys()).toEqual(['j/phone/x/1']);
  expect((await open(port, 'one').load()).damaged).toBe(1);
});

test('packs hold about 500 and fill up over many compactions', async () => {
  const port = memoryStorage();
  const sizes = fc.sample(fc.integer({ min: 1, max: 400 }), { numRuns: 6, seed: 5 });
  let total = 0;
  for (const size of sizes) {
    const store = open(port, `s${total}`);
    await store.append(Array.from({ length: size }, () => person('AB')));
    await store.compact();
    total += size;
  }
  const keys = (await port.keys()).filter((key) => key !== COMPACTION_KEY);
  expect(keys).toHaveLength(Math.ceil(total / 500));
  expect((await open(port, 'end').load()).revisions).toHaveLength(total);
});

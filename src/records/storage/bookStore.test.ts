import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { idSource, writeRevision, type Revision } from '../index';
import { SCHEMA_FINGERPRINT } from '../migrations';
import { BookStore } from './bookStore';
import { browserStorage } from './browserStorage';
import { checksum } from './checksum';
import { compactJournal } from './compact';
import { MANIFEST_KEY } from './manifest';
import { memoryStorage } from './memory';
import { kept } from './oneOf';
import { decodePack, encodePack } from './packs';
import type { StoragePort } from './port';

const makeId = idSource();
const START_MS = Date.UTC(2026, 2, 1);

function person(initials: string, nowMs = START_MS): Revision {
  const writer = { makeId, nowMs, zone: 'UTC', by: '', device: 'phone' };
  return writeRevision({ kind: 'person', body: { initials, name: '' } }, writer);
}

const open = (port: StoragePort, session: string) => new BookStore(port, session);
const idsOf = (revisions: readonly Revision[]) => revisions.map((r) => r.revId as string).sort();
const many = (count: number, nowMs = START_MS) =>
  Array.from({ length: count }, () => person('AB', nowMs));
/** Packs so many revisions, 150 an act, and answers what storage then holds. */
async function packed(count: number): Promise<Map<string, unknown>> {
  const held = new Map<string, unknown>();
  const store = open(memoryStorage(held), 'first');
  for (let at = 0; at < count; at += 150) await store.append(many(Math.min(150, count - at)));
  await store.compact();
  return held;
}

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

test('two tabs append 200 each while both pack, without any lock: 400 are there', async () => {
  const port = browserStorage('two-tabs');
  const tabs = [open(port, 'left'), open(port, 'right')];
  const acts = tabs.flatMap((tab, which) =>
    Array.from({ length: 200 }, async (_, at) => {
      await tab.append([person(`${which}${at}`.slice(0, 4))]);
      if (at % 40 === 0) await tab.compact();
    }),
  );
  await Promise.all(acts);
  await tabs[0]!.compact();
  expect((await open(port, 'later').load()).revisions).toHaveLength(400);
});

test('packing that is broken off leaves everything as it was', async () => {
  const held = new Map<string, unknown>();
  const port = memoryStorage(held);
  await open(port, 'one').append([person('AB'), person('CD')]);
  const before = new Map(held);
  const breaking: StoragePort = {
    ...port,
    inOneGo: (mode, work) =>
      port.inOneGo(mode, (within) =>
        work({ ...within, remove: async () => Promise.reject(new Error('crashed')) }),
      ),
  };
  await expect(compactJournal(breaking)).rejects.toThrow('crashed');
  expect(held).toEqual(before);
  await compactJournal(port);
  expect((await open(port, 'three').load()).revisions).toHaveLength(2);
});

test('a transaction in the browser keeps all of it or nothing', async () => {
  const port = browserStorage('all-or-nothing');
  await port.setMany([['a', '1']]);
  const half = port.inOneGo('write', async (within) => {
    await within.set('a', '2');
    await within.remove('a');
    throw new Error('half way');
  });
  await expect(half).rejects.toThrow('half way');
  expect(await port.getMany(['a', 'b'])).toEqual(['1', null]);
});

test('a tab that missed a message knows that it is behind, and its own packing is no news', async () => {
  const port = memoryStorage();
  const [left, right] = [open(port, 'left'), open(port, 'right')];
  await right.load();
  expect(await right.isBehind()).toBe(false);
  await left.append([person('AB')]);
  expect(await right.isBehind()).toBe(true);
  await right.load();
  expect(await right.isBehind()).toBe(false);
  await left.compact();
  expect(await left.isBehind()).toBe(false);
  expect(await right.isBehind()).toBe(true);
});

test('a body that breaks its schema is not written; what was left to a default is', async () => {
  const port = memoryStorage();
  const bad = { ...person('AB'), body: { initials: '', name: '' } } as Revision;
  await expect(open(port, 'one').append([bad])).rejects.toThrow('initials');
  expect(await port.keys()).toEqual([]);
  const bare = { ...person('AB'), body: { initials: 'AB' } } as Revision;
  const [written] = await open(port, 'one').append([bare]);
  expect(written?.body).toEqual({ initials: 'AB', name: '' });
  expect((await open(port, 'two').load()).revisions).toEqual([written]);
});

test('packs hold about 500 and fill up over many compactions', async () => {
  const port = memoryStorage();
  const sizes = fc.sample(fc.integer({ min: 1, max: 400 }), { numRuns: 6, seed: 5 });
  let total = 0;
  for (const size of sizes) {
    const store = open(port, `s${total}`);
    await store.append(many(size));
    await store.compact();
    total += size;
  }
  const keys = (await port.keys()).filter((key) => key !== MANIFEST_KEY);
  expect(keys).toHaveLength(Math.ceil(total / 500));
  expect((await open(port, 'end').load()).revisions).toHaveLength(total);
});

test('packs are named by the month in which it happened, not by the clock that wrote it', async () => {
  const port = memoryStorage();
  const writer = { makeId, nowMs: START_MS, zone: 'UTC', by: '', device: 'phone' };
  const takenAt = '2025-11-20T07:00:00.000Z';
  const body = { tankId: 'T', sampleKind: 'tank' as const, takenAt, note: '' };
  const reading = writeRevision(
    { kind: 'reading', body: { ...body, ph: { shown: 6, penId: 'P' } } },
    writer,
  );
  await open(port, 'one').append([reading as Revision]);
  await open(port, 'one').compact();
  expect(await port.keys()).toContain('p/reading/202511/0000');
});

describe('what is damaged is set aside, counted, and never written again', () => {
  const PACK = 'p/person/202603/0000';
  const good = encodePack([person('AB'), person('CD')]);

  test.each([
    ['changed within', (text: string) => text.replace('"AB"', '"ZZ"'), 'changed'],
    ['cut off', (text: string) => text.slice(0, -20), 'changed'],
    ['no text', () => ({ some: 'object' }), 'notText'],
    ['nothing at all', () => '', 'empty'],
    ['an empty pack', () => `2:${checksum('[]')}:${SCHEMA_FINGERPRINT}\n[]`, 'empty'],
    ['no list', () => `2:${checksum('{}')}:${SCHEMA_FINGERPRINT}\n{}`, 'notUnderstood'],
    ['from a newer Zolder', (text: string) => text.replace(/^2:/, '3:'), 'newer'],
  ])('%s', async (_name, damage, reason) => {
    const damaged = damage(good);
    const held = new Map<string, unknown>([
      [PACK, damaged],
      ['j/phone/x/1', damaged],
    ]);
    const port = memoryStorage(held);
    const sound = person('EF');
    await open(port, 'one').append([sound]);
    await open(port, 'one').compact();
    const loaded = await open(port, 'two').load();
    expect(loaded.revisions).toEqual([sound]);
    expect(loaded.setAside.map((one) => one.reason)).toEqual([reason, reason]);
    expect(loaded.setAside[0]).toMatchObject({ key: PACK, kind: 'person', month: '202603' });
    expect(held.get(PACK)).toBe(damaged);
    expect(held.get('j/phone/x/1')).toBe(damaged);
    expect(held.has('p/person/202603/0001')).toBe(true);
  });

  test('a pack of 500 that was changed is counted as 500, by its list', async () => {
    const held = await packed(620);
    const text = held.get('p/person/202603/0000') as string;
    held.set('p/person/202603/0000', text.replace('"AB"', '"ZZ"'));
    const { setAside, revisions } = await open(memoryStorage(held), 'two').load();
    expect(setAside).toEqual([
      {
        key: 'p/person/202603/0000',
        reason: 'changed',
        count: 500,
        kind: 'person',
        month: '202603',
      },
    ]);
    expect(revisions).toHaveLength(120);
  });

  test('a missing pack is noticed, and its number is never given again', async () => {
    const held = await packed(1100);
    held.delete('p/person/202603/0001');
    held.delete('p/person/202603/0002');
    const port = memoryStorage(held);
    await open(port, 'two').append(many(3));
    await open(port, 'two').compact();
    const loaded = await open(port, 'three').load();
    expect(loaded.missing.map(({ key, count }) => [key, count])).toEqual([
      ['p/person/202603/0001', 500],
      ['p/person/202603/0002', 100],
    ]);
    expect(held.has('p/person/202603/0003')).toBe(true);
    expect(held.has('p/person/202603/0002')).toBe(false);
    expect(loaded.revisions).toHaveLength(503);
  });

  test('a missing middle part never lets packing overwrite a sound one', async () => {
    const held = await packed(1400);
    held.delete('p/person/202603/0001');
    // Without its list the next number can only come from what is there.
    held.delete(MANIFEST_KEY);
    const port = memoryStorage(held);
    await open(port, 'two').append(many(300));
    expect((await open(port, 'three').load()).revisions).toHaveLength(1200);
  });

  test('a damaged list is told and made anew; nothing else is lost by it', async () => {
    const held = await packed(10);
    held.set(MANIFEST_KEY, 'garbage');
    const port = memoryStorage(held);
    expect(await open(port, 'two').load()).toMatchObject({ listDamaged: true, missing: [] });
    await open(port, 'two').append([person('ZZ')]);
    await open(port, 'two').compact();
    const loaded = await open(port, 'three').load();
    expect(loaded).toMatchObject({ listDamaged: false });
    expect(loaded.revisions).toHaveLength(11);
  });
});

test('one id with two contents: the same one whichever came first, and it is counted', async () => {
  const mine = person('AB');
  const theirs = { ...mine, body: { initials: 'ZZ', name: '' } } as Revision;
  const load = async (first: Revision, second: Revision) => {
    const port = memoryStorage();
    await open(port, 'one').append([first]);
    await open(port, 'one').compact();
    await open(port, 'two').append([second]);
    return open(port, 'three').load();
  };
  const [one, other] = [await load(mine, theirs), await load(theirs, mine)];
  expect(one.revisions).toEqual(other.revisions);
  expect(one.revisions).toEqual([kept(mine, theirs)]);
  expect([one.twoContents, other.twoContents]).toEqual([1, 1]);
});

test('what is written is read back under its own schema without parsing anew', () => {
  const pack = decodePack(encodePack([person('AB')]));
  expect(pack).toMatchObject({ current: true, asideCount: 0 });
  const other = encodePack([person('AB')]).replace(SCHEMA_FINGERPRINT, 'ffffffff');
  expect(decodePack(other)).toMatchObject({ current: false, asideCount: 0 });
  expect(decodePack(other).revisions).toHaveLength(1);
});

test('a digest of a part of a text is that of the part by itself', () => {
  const text = 'head\n[1,2,3] ü';
  expect(checksum(text, 5)).toBe(checksum(text.slice(5)));
  expect(checksum(text, 5)).not.toBe(checksum(text));
});

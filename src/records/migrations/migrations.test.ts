import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { KINDS, SCHEMA_VERSION, type Revision } from '@/records';
import { BookStore } from '@/records/storage/bookStore';
import { memoryStorage } from '@/records/storage/memory';
import { canonicalJson } from '../canonicalJson';
import { checksum } from '../storage/checksum';
import { MIGRATIONS, understand } from './index';

/** Frozen when version 1 was released: never to be written anew. */
const FIXTURES = ['v1-every-kind', 'v1-demo'] as const;
const fixture = (name: string) =>
  JSON.parse(readFileSync(join(__dirname, 'fixtures', name), 'utf8')) as Record<string, unknown>;
const linesOf = (name: string) =>
  fixture(`${name}.zolder.json`).revisions as Record<string, unknown>[];

test('the steps lead without a gap from version 1 to the one in force', () => {
  expect(MIGRATIONS.map(({ from }) => from)).toEqual(
    Array.from({ length: SCHEMA_VERSION - 1 }, (_, at) => at + 1),
  );
});

test('before and after, by hand: the step to 2 names the act, the body stays', () => {
  const before = {
    at: '2026-09-01T07:30:00.000Z',
    body: { initials: 'LV' },
    by: 'LV',
    device: 'phone-1',
    kind: 'person',
    parents: [],
    recordId: '01M1DXZY60V8WQ0SG1J2NSRE00',
    revId: '01M1DXZY60V8WQ0SG1J2NSRE00',
    v: 1,
    zone: 'Etc/UTC',
  };
  expect(understand(before)).toEqual({
    state: 'sound',
    revision: {
      ...before,
      act: '01M1DXZY60V8WQ0SG1J2NSRE00',
      body: { initials: 'LV', name: '' },
      v: 2,
    },
  });
});

/** Kinds that came after version 1. */
const LATER_KINDS: readonly string[] = ['comparison', 'skip', 'standing', 'intake', 'erasure'];

test('the fixture of every kind holds every kind there was', () => {
  const kinds = new Set(linesOf('v1-every-kind').map(({ kind }) => kind));
  const then = KINDS.filter((kind) => !LATER_KINDS.includes(kind));
  expect([...kinds].sort()).toEqual([...then].sort());
});

test.each(FIXTURES)('%s: every revision of the released version is understood', (name) => {
  for (const line of linesOf(name)) {
    const result = understand(line);
    expect(result.state).toBe('sound');
    if (result.state !== 'sound') continue;
    const { act, v, body, ...rest } = result.revision;
    expect([act, v]).toEqual([line.revId, SCHEMA_VERSION]);
    expect(rest).toEqual({ ...line, v: undefined, body: undefined });
    // Nothing a grower wrote is lost; only defaults come in.
    if (line.body) expect(body).toMatchObject(line.body);
    else expect(body).toBeNull();
  }
});

test.each(FIXTURES)('%s: a stored book opens, is packed anew, and opens the same', async (name) => {
  const held = new Map<string, unknown>(Object.entries(fixture(`${name}.storage.json`)));
  const packs = [...held.keys()].filter((key) => key.startsWith('p/'));
  const store = new BookStore(memoryStorage(held), 'S2');
  const loaded = await store.load();
  expect(loaded.revisions).toHaveLength(linesOf(name).length);
  expect(loaded.setAside).toEqual([]);
  expect([...loaded.olderPacks].sort()).toEqual(packs.sort());
  await store.compact();
  await store.upgrade(loaded.olderPacks);
  const again = await new BookStore(memoryStorage(held), 'S3').load();
  expect(again).toMatchObject({ setAside: [], missing: [], olderPacks: [], journalLength: 0 });
  const texts = (list: readonly Revision[]) => list.map(canonicalJson).sort();
  expect(texts(again.revisions)).toEqual(texts(loaded.revisions));
});

test('an older pack that holds something unknown is read as far as it goes and never rewritten', async () => {
  const storage = fixture('v1-every-kind.storage.json');
  const [key, text] = Object.entries(storage).find(([one]) => one.startsWith('p/person')) as [
    string,
    string,
  ];
  const list = JSON.parse(text.split('\n')[1]!) as unknown[];
  const body = JSON.stringify([...list, { v: 1, kind: 'person', revId: 'U'.repeat(26) }]);
  const damaged = `1:${checksum(body)}\n${body}`;
  const held = new Map<string, unknown>([[key, damaged]]);
  const store = new BookStore(memoryStorage(held), 'S2');
  const loaded = await store.load();
  expect(loaded.revisions).toHaveLength(list.length);
  expect(loaded.setAside).toMatchObject([{ key, reason: 'notUnderstood', count: 1 }]);
  await store.upgrade([key]);
  expect(held.get(key)).toBe(damaged);
});

test('any history of version 1 comes through: subsets, deletions, facts from a day on', async () => {
  const pool = [...linesOf('v1-every-kind'), ...linesOf('v1-demo')];
  const history = fc.array(
    fc.record({
      line: fc.nat(pool.length - 1),
      deleted: fc.boolean(),
      from: fc.option(fc.date({ noInvalidDate: true, min: new Date(0), max: new Date(4e12) }), {
        nil: undefined,
      }),
    }),
    { maxLength: 30 },
  );
  await fc.assert(
    fc.asyncProperty(history, async (steps) => {
      const revisions = steps.map(({ line, deleted, from }) => ({
        ...pool[line]!,
        ...(deleted ? { body: null } : {}),
        ...(from ? { effectiveFrom: from.toISOString() } : {}),
      }));
      const understood = revisions.map(understand);
      expect(understood.every(({ state }) => state === 'sound')).toBe(true);
    }),
    { seed: 21, numRuns: 60 },
  );
});

test.each([
  ['nothing', null],
  ['a number', 7],
  ['a version of letters', { v: 'two' }],
  ['a version below the first', { v: 0 }],
  ['half a revision', { v: 1, kind: 'person' }],
])('%s is not understood, and does not throw', (_name, data) => {
  expect(understand(data).state).toBe('notUnderstood');
});

test('what a newer version wrote is told apart from damage', () => {
  expect(understand({ v: SCHEMA_VERSION + 1 })).toEqual({
    state: 'newer',
    version: SCHEMA_VERSION + 1,
  });
});

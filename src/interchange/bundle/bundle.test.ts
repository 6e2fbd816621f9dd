import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { makeDemo } from '@/demo';
import { idSource, writeRevision, type Revision } from '@/records';
import { bundleJsonSchema } from './bundleJsonSchema';
import { BUNDLE_MAX_BYTES, canonicalJson, mergePreview, readBundle, writeBundle } from './index';

const nowMs = Date.UTC(2026, 4, 20, 10, 30);
const demo = makeDemo({ nowMs, zone: 'UTC' });
const makeId = idSource();
const person = (initials: string, atMs: number, recordId?: string, parents?: string[]): Revision =>
  writeRevision(
    { kind: 'person', recordId, parents, body: { initials, name: '' } },
    { makeId, nowMs: atMs, zone: 'UTC', by: '', device: 'phone' },
  ) as Revision;

const taken = (text: string) => {
  const result = readBundle(text);
  if (!result.ok) throw new Error(result.refusal.reason);
  return result.value;
};

test('writing what was read gives the same bytes', () => {
  const text = writeBundle(demo);
  expect(taken(text)).toHaveLength(demo.length);
  expect(writeBundle(taken(text))).toBe(text);
});

test('the published schema is the one in force, and a real file meets it', () => {
  const published = join(__dirname, '../../../docs/formats/zolder-book.schema.json');
  expect(JSON.parse(readFileSync(published, 'utf8'))).toEqual(bundleJsonSchema());
  const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(
    bundleJsonSchema() as object,
  );
  const file = JSON.parse(writeBundle(demo)) as { revisions: { kind: string }[] };
  expect(validate(file) || validate.errors).toBe(true);
  expect(validate({ ...file, format: 'other' })).toBe(false);
  file.revisions[0]!.kind = 'unknown';
  expect(validate(file)).toBe(false);
});

describe('files that are not taken', () => {
  const good = writeBundle([person('AB', nowMs)]);
  const reasonOf = (text: string) => {
    const result = readBundle(text);
    return result.ok ? 'taken' : result.refusal.reason;
  };

  test.each([
    ['no JSON at all', 'pH;EC\n6.1;1.4', 'notOurs'],
    ['somebody else’s JSON', '{"data":[1,2]}', 'notOurs'],
    ['cut in half', good.slice(0, good.length / 2), 'cutOff'],
    ['a newer frame', good.replace('"version":1', '"version":2'), 'newer'],
    ['a newer record', good.replace('"v":1', '"v":99'), 'newer'],
    ['a record with a field that cannot be', good.replace('"AB"', '"TOO LONG"'), 'badRecord'],
    ['nested without end', `${'['.repeat(200_000)}`, 'notOurs'],
  ])('%s', (_name, text, reason) => {
    expect(reasonOf(text)).toBe(reason);
  });

  test('one that is too large is not even parsed', () => {
    expect(reasonOf('x'.repeat(BUNDLE_MAX_BYTES + 1))).toBe('tooLarge');
  });

  test('keys of the prototype are dropped and harm nothing', () => {
    const evil = good.replace(
      '"name":""',
      '"name":"","__proto__":{"spoiled":true},"constructor":1',
    );
    const [revision] = taken(evil);
    expect(Object.keys(revision!.body!)).toEqual(['initials', 'name']);
    expect(({} as { spoiled?: boolean }).spoiled).toBeUndefined();
  });
});

describe('merging', () => {
  const first = person('AB', nowMs);
  const change = (initials: string, by: number) =>
    person(initials, nowMs + by, first.recordId, [first.revId]);

  test('new, same, changed there, changed here, changed on both sides', () => {
    const [mine, theirs] = [change('CD', 1), change('EF', 2)];
    const states = (book: Revision[], file: Revision[]) =>
      Object.entries(mergePreview(book, file).counts).find(([, count]) => count === 1)?.[0];
    expect(states([], [first])).toBe('new');
    expect(states([first], [first])).toBe('same');
    expect(states([first], [first, theirs])).toBe('changedThere');
    expect(states([first, mine], [first])).toBe('changedHere');
    expect(states([first, mine], [first, theirs])).toBe('changedOnBothSides');
  });

  test('an id with other contents is left out and counted', () => {
    const forged = { ...first, body: { initials: 'ZZ', name: '' } } as Revision;
    expect(mergePreview([first], [forged])).toMatchObject({ fresh: [], clashes: 1 });
  });

  test('union is commutative and idempotent, whatever the two books hold', () => {
    const pool = Array.from({ length: 12 }, (_, at) => person(`P${at}`, nowMs + at));
    const some = fc.subarray(pool);
    const union = (book: readonly Revision[], file: readonly Revision[]) => [
      ...book,
      ...mergePreview(book, file).fresh,
    ];
    fc.assert(
      fc.property(some, some, (a, b) => {
        expect(writeBundle(union(a, b))).toBe(writeBundle(union(b, a)));
        expect(writeBundle(union(union(a, b), b))).toBe(writeBundle(union(a, b)));
      }),
    );
  });
});

test('canonical JSON orders keys and leaves out what is undefined', () => {
  expect(canonicalJson({ b: [1, { d: undefined, c: null }], a: 'x' })).toBe(
    '{"a":"x","b":[1,{"c":null}]}',
  );
});

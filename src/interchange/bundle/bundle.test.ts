import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { makeDemo } from '@/demo';
import { idSource, writeRevision, type Revision } from '@/records';
import { canonicalJson } from '@/records/canonicalJson';
import { SCHEMA_FINGERPRINT, understand } from '@/records/migrations';
import { kept } from '@/records/storage/oneOf';
import { bundleJsonSchema, schemaFingerprint } from './bundleJsonSchema';
import {
  bundleLines,
  checkWhole,
  digestOf,
  mergePreview,
  PIECE_MAX_LENGTH,
  quickDigestOf,
  readBundle,
  readBundleFile,
  writeBundle,
} from './index';

const nowMs = Date.UTC(2026, 4, 20, 10, 30);
const parsed = (revision: unknown) => {
  const one = understand(revision);
  if (one.state !== 'sound') throw new Error(one.state);
  return one.revision;
};
const demo = makeDemo({ nowMs, zone: 'UTC' }).map(parsed);
const makeId = idSource();
const person = (initials: string, atMs: number, recordId?: string, parents?: string[]): Revision =>
  writeRevision(
    { kind: 'person', recordId, parents, body: { initials, name: '' } },
    { makeId, nowMs: atMs, zone: 'UTC', by: '', device: 'phone' },
  ) as Revision;

const taken = (text: string) => {
  const result = readBundle(text);
  if (!result.ok) throw new Error(result.refusal.reason);
  return result.value.revisions;
};
const reasonOf = (text: string) => {
  const result = readBundle(text);
  return result.ok ? 'taken' : result.refusal.reason;
};
/** The file with its digests made anew, as a forger who knows the format would. */
const sealed = (text: string) => {
  const digests: string[] = [];
  const lines = text.split('\n').map((line) => {
    const [, comma, body] = /^(,?)\{"sha256":"[^"]*","revisions":(.*)\}$/.exec(line) ?? [];
    if (body === undefined) return line;
    digests.push(digestOf(body));
    return `${comma}{"sha256":"${digests.at(-1)}","revisions":${body}}`;
  });
  return lines
    .join('\n')
    .replace(/("revisions":\d+,"sha256":")[0-9a-f]{64}/, `$1${digestOf(digests.join(''))}`);
};

test('the digest is SHA-256 of UTF-8, as another program counts it, by hand or by the browser', async () => {
  for (const text of ['', 'abc', 'Größe 6,1 – 🌱']) {
    const told = createHash('sha256').update(text, 'utf8').digest('hex');
    expect(digestOf(text)).toBe(told);
    expect(await quickDigestOf(text)).toBe(told);
    // Over plain HTTP the browser offers none.
    const without = jest.replaceProperty(globalThis, 'crypto', {} as Crypto);
    expect(await quickDigestOf(text)).toBe(told);
    without.restore();
  }
});

test('the file that is made bit by bit is the same as the one made at once', async () => {
  const lines: string[] = [];
  for await (const line of bundleLines(demo)) lines.push(`${line}\n`);
  expect(lines.join('')).toBe(writeBundle(demo));
});

test('writing what was read gives the same bytes, in pieces of at most 256 kB', () => {
  const text = writeBundle(demo);
  expect(taken(text)).toHaveLength(demo.length);
  expect(writeBundle(taken(text))).toBe(text);
  const lines = text.split('\n');
  expect(lines.length).toBeGreaterThan(5);
  for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(256 * 1024);
  expect(PIECE_MAX_LENGTH * 3).toBeLessThan(256 * 1024);
});

test('a file read piece by piece from the disk is the same, however the pieces fall', async () => {
  const text = writeBundle(demo);
  const whole = await readBundleFile(new Blob([text]));
  expect(whole).toEqual(readBundle(text));
  const odd = new Blob(['é'.repeat(3), text].map((part) => new TextEncoder().encode(part)));
  expect(await readBundleFile(odd.slice(6))).toEqual(whole);
});

test('the published schema is the one in force, and a real file meets it', () => {
  const published = join(__dirname, '../../../docs/formats/zolder-book.schema.json');
  expect(JSON.parse(readFileSync(published, 'utf8'))).toEqual(bundleJsonSchema());
  expect(SCHEMA_FINGERPRINT).toBe(schemaFingerprint());
  const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(
    bundleJsonSchema() as object,
  );
  const aside = [['p/reading/202605/0000', 'x'.repeat(70_000)]] as const;
  const file = JSON.parse(writeBundle(demo, aside)) as {
    pieces: { revisions?: { kind: string }[] }[];
  };
  expect(validate(file) || validate.errors).toBe(true);
  expect(validate({ ...file, format: 'other' })).toBe(false);
  file.pieces[0]!.revisions![0]!.kind = 'unknown';
  expect(validate(file)).toBe(false);
});

test('what could not be read goes into the file as it was found, and is told when it is read', () => {
  const damaged = 'half a pack, \u2028 with odd letters';
  const text = writeBundle([person('AB', nowMs)], [['p/reading/202605/0000', damaged]]);
  expect(readBundle(text)).toMatchObject({ ok: true, value: { setAside: 1 } });
  expect(JSON.stringify(JSON.parse(text))).toContain('half a pack');
});

test('a note with any letter survives the file', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary', maxLength: 40 }), (name) => {
      const revision = parsed({ ...person('AB', nowMs), body: { initials: 'AB', name } });
      expect(taken(writeBundle([revision]))).toEqual([revision]);
    }),
    { seed: 8 },
  );
});

describe('files that are not taken', () => {
  const good = writeBundle([person('AB', nowMs)]);

  test.each([
    ['no JSON at all', 'pH;EC\n6.1;1.4', 'notOurs'],
    ['somebody else’s JSON', '{"data":[1,2]}', 'notOurs'],
    ['cut in half', good.slice(0, good.length / 2), 'cutOff'],
    ['cut after a whole line', good.split('\n').slice(0, 2).join('\n'), 'cutOff'],
    ['one letter changed', good.replace('"AB"', '"AC"'), 'changed'],
    ['a piece left out', good.split('\n').toSpliced(1, 1).join('\n'), 'changed'],
    ['something after its end', `${good}{}`, 'changed'],
    ['a newer frame', good.replace('"version":2', '"version":3'), 'newer'],
    ['a newer record', sealed(good.replace('"v":2', '"v":99')), 'newer'],
    ['a field that cannot be', sealed(good.replace('"AB"', '"TOO LONG"')), 'badRecord'],
    ['an id of other letters', sealed(good.replace(/"revId":"../, '"revId":"0U')), 'badRecord'],
    ['nested without end', `${'['.repeat(200_000)}`, 'notOurs'],
  ])('%s', (_name, text, reason) => {
    expect(reasonOf(text)).toBe(reason);
  });

  test('no flipped bit goes unnoticed: 600 of a real file', () => {
    const bytes = Buffer.from(writeBundle(demo.slice(0, 40)));
    const bits = fc.sample(fc.nat(bytes.length * 8 - 1), { numRuns: 600, seed: 13 });
    for (const bit of bits) {
      const flipped = Buffer.from(bytes);
      flipped[bit >> 3] = flipped[bit >> 3]! ^ (1 << (bit & 7));
      const result = readBundle(flipped.toString('utf8'));
      // Only white space between lines may change its mind.
      if (result.ok) expect(writeBundle(result.value.revisions)).toBe(bytes.toString());
    }
  });

  test('keys of the prototype are dropped and harm nothing', () => {
    const evil = sealed(
      good.replace('"name":""', '"name":"","__proto__":{"spoiled":true},"constructor":1'),
    );
    const [revision] = taken(evil);
    expect(Object.keys(revision!.body!)).toEqual(['initials', 'name']);
    expect(({} as { spoiled?: boolean }).spoiled).toBeUndefined();
  });
});

describe('files that another program wrote anew', () => {
  const good = writeBundle([person('AB', nowMs), person('CD', nowMs)]);
  const pretty = (text: string) => JSON.stringify(JSON.parse(text), null, 2);

  test('are read whole, their digests held to what they say', () => {
    expect(taken(pretty(good))).toEqual(taken(good));
    expect(reasonOf(pretty(good).replace('"AB"', '"AC"'))).toBe('changed');
    expect(reasonOf(pretty(good).replace(/"pieces": 1/, '"pieces": 2'))).toBe('changed');
  });

  test('a newer one is told so', () => {
    expect(reasonOf(pretty(good).replace('"version": 2', '"version": 7'))).toBe('newer');
  });
});

describe('whether a file holds together', () => {
  const first = person('AB', nowMs);
  const child = person('CD', nowMs + 1, first.recordId, [first.revId]);
  const nothing = () => [] as Revision[];
  const check = (file: readonly Revision[], here: readonly Revision[] = []) =>
    checkWhole(
      file,
      (id) => here.filter(({ recordId }) => recordId === id),
      (revId) => here.find((one) => one.revId === revId)?.recordId,
    );
  const messageOf = (file: readonly Revision[], here: readonly Revision[] = []) => {
    const result = check(file, here);
    return !result.ok && 'message' in result.refusal ? result.refusal.message : 'sound';
  };

  test('a sound one does, with or without the book', () => {
    expect(check([first, child])).toEqual({ ok: true, value: { unknownParents: 0 } });
    expect(check([child], [first])).toEqual({ ok: true, value: { unknownParents: 0 } });
    expect(checkWhole([], nothing, () => undefined)).toMatchObject({ ok: true });
  });

  test('parents that are nowhere are told, not refused', () => {
    expect(check([child])).toEqual({ ok: true, value: { unknownParents: 1 } });
  });

  test('parents of another record, of another kind, in a circle, and sides without number', () => {
    const stranger = person('XY', nowMs);
    expect(messageOf([stranger, { ...child, parents: [stranger.revId] }])).toContain('another');
    expect(messageOf([{ ...child, kind: 'setting' } as Revision], [first])).toContain('person');
    const round = [{ ...first, parents: [child.revId] }, child];
    expect(messageOf(round)).toContain('circle');
    expect(messageOf([{ ...first, parents: [first.revId] }])).toContain('circle');
    const sides = Array.from({ length: 1001 }, () =>
      person('AB', nowMs, first.recordId, [first.revId]),
    );
    expect(messageOf([first, ...sides])).toContain('sides');
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

  test('a sitting that ended is no open sitting; one that goes on is', () => {
    const sitting = (atMs: number, recordId?: string, parents?: string[]) =>
      writeRevision(
        { kind: 'benchDraft', recordId, parents, body: recordId ? null : ({} as never) },
        { makeId, nowMs: atMs, zone: 'UTC', by: '', device: 'phone' },
      ) as Revision;
    const [goes, ended] = [sitting(nowMs), sitting(nowMs + 1)];
    const end = sitting(nowMs + 2, ended.recordId, [ended.revId]);
    expect(mergePreview([], [goes, ended, end]).newByKind).toEqual({ benchDraft: 1 });
    expect(mergePreview([], [goes, ended, end]).fresh).toHaveLength(3);
  });

  test('an id with two contents is counted, and both sides end with the same one', () => {
    const forged = { ...first, body: { initials: 'ZZ', name: '' } } as Revision;
    const winner = kept(first, forged);
    const union = (book: Revision, file: Revision) => {
      const { fresh, clashes } = mergePreview([book], [file]);
      expect(clashes).toBe(1);
      return fresh[0] ?? book;
    };
    expect(union(first, forged)).toEqual(winner);
    expect(union(forged, first)).toEqual(winner);
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

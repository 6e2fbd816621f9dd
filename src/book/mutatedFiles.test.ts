import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeBundle } from '@/interchange/bundle';
import { makeDemo } from '@/demo';
import { understand } from '@/records/migrations';
import type { Revision } from '@/records';
import { answerBook } from './engine/answerBook';
import { MOMENT, testBrowser } from './testing/browser';

const FIXTURES = join(__dirname, '../records/migrations/fixtures');
const first = readFileSync(join(FIXTURES, 'v1-every-kind.zolder.json'), 'utf8');
const demo = makeDemo({ nowMs: MOMENT.nowMs, zone: 'UTC' })
  .slice(0, 60)
  .flatMap((data): Revision[] => {
    const one = understand(data);
    return one.state === 'sound' ? [one.revision] : [];
  });
const second = writeBundle(demo);

/** One thing that can happen to a file: letters changed, cut, doubled, moved, or a value swapped. */
const mutation = fc.oneof(
  fc.record({
    kind: fc.constant('letter' as const),
    at: fc.nat(),
    letter: fc.string({ minLength: 1, maxLength: 2 }),
  }),
  fc.record({
    kind: fc.constant('cut' as const),
    at: fc.nat(),
    length: fc.integer({ min: 1, max: 400 }),
  }),
  fc.record({
    kind: fc.constant('double' as const),
    at: fc.nat(),
    length: fc.integer({ min: 1, max: 400 }),
  }),
  fc.record({
    kind: fc.constant('value' as const),
    at: fc.nat(),
    value: fc.constantFrom(
      'null',
      '""',
      '-1',
      '1e309',
      '{}',
      '[]',
      '"UUUU"',
      '2',
      '"2999-01-01T00:00:00.000Z"',
    ),
  }),
);
type Mutation = typeof mutation extends fc.Arbitrary<infer M> ? M : never;

function mutated(text: string, change: Mutation): string {
  const at = change.at % text.length;
  if (change.kind === 'letter') return text.slice(0, at) + change.letter + text.slice(at + 1);
  if (change.kind === 'cut') return text.slice(0, at) + text.slice(at + change.length);
  if (change.kind === 'double')
    return (
      text.slice(0, at + change.length) +
      text.slice(at, at + change.length) +
      text.slice(at + change.length)
    );
  // The next value after this place.
  const values = [...text.slice(at).matchAll(/:("[^"]*"|[\d.]+|null)/g)];
  const [found] = values;
  if (!found) return text;
  const from = at + found.index + 1;
  return text.slice(0, from) + change.value + text.slice(from + found[1]!.length);
}

/**
 * Takes a file to its end: looked at, taken in, packed, opened anew, every place asked. Answers how
 * many records the file brought and how many are there in the end.
 */
async function toTheEnd(text: string) {
  const { open } = testBrowser();
  const book = await open();
  const preview = await book.files.open(new Blob([text]));
  if (!preview.ok) {
    expect(await book.files.take(MOMENT)).toEqual({ added: 0 });
    return undefined;
  }
  const { added } = await book.files.take(MOMENT);
  await book.housekeep(MOMENT.nowMs);
  const again = await open();
  const { state } = again;
  const q = answerBook(() => state);
  const answers = await Promise.all([
    q.round(MOMENT.nowMs),
    q.tanks(MOMENT.nowMs),
    q.pens(MOMENT.nowMs),
    q.shelf(MOMENT.nowMs),
    q.ledger({}, { skip: 0, count: 50 }),
    q.conflicts(),
    q.settings(),
  ]);
  expect(answers).toHaveLength(7);
  expect(again.findings.setAside).toEqual([]);
  expect(state.size).toBe(added);
  // Nothing is hidden unsaid: every record is live, deleted by its head, or told as ahead of now.
  const ahead = new Set(state.aheadOfNow().map(({ recordId }) => recordId));
  for (const revision of state.revisions()) {
    const { recordId, kind } = revision;
    const live = state.recordIf(kind, recordId) !== undefined;
    const gone = state.revisionsOf(recordId).some(({ body }) => body === null);
    expect(live || gone || ahead.has(recordId)).toBe(true);
  }
  return added;
}

/** So many of both files together. */
const RUNS = Number(process.env.ZOLDER_MUTATIONS ?? 2000);

test.each([
  ['version 1, without digests', first],
  ['version 2', second],
])(
  'mutated files of %s: none bricks, none hides a record unsaid',
  async (_name, text) => {
    const whole = await toTheEnd(text);
    expect(whole).toBeGreaterThan(15);
    let taken = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(mutation, { minLength: 1, maxLength: 3 }), async (changes) => {
        const changed = changes.reduce(mutated, text);
        const same = changed.replace(/\s/g, '') === text.replace(/\s/g, '');
        if ((await toTheEnd(changed)) !== undefined && !same) taken += 1;
      }),
      { seed: 31, numRuns: RUNS / 2 },
    );
    // A file with digests lets nothing through that was changed; one without lets some.
    if (text === second) expect(taken).toBe(0);
    else expect(taken).toBeGreaterThan(0);
  },
  240_000,
);

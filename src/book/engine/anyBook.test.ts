import fc from 'fast-check';
import { KINDS, type Revision } from '@/records';
import { BookState } from './bookState';
import { askAll, growersBook, NAMES, NOW_MS, record, revisionsOf } from './testing/anyBooks';

/** What was asked and failed, with why. */
async function failures(revisions: readonly Revision[]): Promise<readonly string[]> {
  const book = new BookState();
  book.setNow(NOW_MS);
  book.apply(revisions);
  const asked = await Promise.all(
    askAll(book).map(async ([about, ask]) => {
      try {
        await ask;
        return [];
      } catch (error) {
        const stack = error instanceof Error ? (error.stack ?? error.message) : String(error);
        return [`${about}: ${stack.split('\n').slice(0, 6).join(' | ')}`];
      }
    }),
  );
  return asked.flat();
}

/** More with ZOLDER_RUNS=200, which takes minutes. */
const RUNS = Number(process.env.ZOLDER_RUNS ?? 40);

test('nor does a book with a pen that shows anything at all in its cups', async () => {
  await fc.assert(
    fc.asyncProperty(growersBook, async (records) => {
      expect(await failures(revisionsOf(records))).toEqual([]);
    }),
    { seed: 29, numRuns: 4 * RUNS, endOnFailure: true },
  );
}, 120_000);

test.each(KINDS)(
  'any %s that its schema takes, alone in a book, makes no answer fail',
  async (kind) => {
    const id = NAMES[kind]?.[0] ?? 'alone';
    await fc.assert(
      fc.asyncProperty(record(kind, id), async (changes) => {
        expect(await failures(revisionsOf([changes]))).toEqual([]);
      }),
      { seed: 3, numRuns: RUNS },
    );
  },
);

test('nor does any book of them', async () => {
  const records = KINDS.flatMap((kind) => (NAMES[kind] ?? [kind]).map((id) => record(kind, id)));
  await fc.assert(
    fc.asyncProperty(fc.tuple(...records), async (all) => {
      expect(await failures(revisionsOf(all))).toEqual([]);
    }),
    { seed: 17, numRuns: RUNS, endOnFailure: true },
  );
}, 120_000);

import fc from 'fast-check';
import { KINDS, type Revision } from '@/records';
import { plainTank } from '@/records/testing/plainTank';
import { BookState } from './bookState';
import { askAll, growersBook, NAMES, NOW_MS, record, revisionsOf } from './testing/anyBooks';

/** More with ZOLDER_RUNS=200, which takes minutes. */
const RUNS = Number(process.env.ZOLDER_RUNS ?? 15);

const tankNamed = (name: string) => ({ kind: 'tank' as const, body: plainTank(name) });

const opened = () => {
  const book = new BookState({ exact: true });
  book.setNow(NOW_MS);
  return book;
};

/** Every answer of a book, by question. */
async function answers(book: BookState): Promise<Readonly<Record<string, unknown>>> {
  const told = await Promise.all(
    askAll(book).map(async ([about, ask]) => [about, await ask] as const),
  );
  return Object.fromEntries(told);
}

/** A book that is written bit by bit and asked everything in between, beside one opened at the end. */
async function grownAndOpened(revisions: readonly Revision[], cuts: readonly number[]) {
  const grown = opened();
  const ends = [...new Set(cuts.map((cut) => cut % (revisions.length + 1)))].sort((a, b) => a - b);
  for (const [at, end] of [...ends, revisions.length].entries()) {
    grown.apply(revisions.slice(at === 0 ? 0 : ends[at - 1], end));
    await answers(grown);
  }
  const atOnce = opened();
  atOnce.apply(revisions);
  return { grown: await answers(grown), atOnce: await answers(atOnce) };
}

const cuts = fc.array(fc.nat(200), { minLength: 1, maxLength: 6 });

test('a grower’s book that was written bit by bit answers as one that is opened', async () => {
  await fc.assert(
    fc.asyncProperty(growersBook, cuts, async (records, at) => {
      const { grown, atOnce } = await grownAndOpened(revisionsOf(records), at);
      expect(grown).toEqual(atOnce);
    }),
    { seed: 41, numRuns: 2 * RUNS, endOnFailure: true },
  );
}, 120_000);

test('so does any book of all kinds of records, changed after it was asked', async () => {
  const records = KINDS.flatMap((kind) => (NAMES[kind] ?? [kind]).map((id) => record(kind, id)));
  await fc.assert(
    fc.asyncProperty(fc.tuple(...records), cuts, async (all, at) => {
      const revisions = revisionsOf(all);
      const [first, then] = [true, false].map((isFirst) =>
        revisions.filter(({ parents }) => (parents.length === 0) === isFirst),
      );
      const ends = [first!.length, ...at];
      const { grown, atOnce } = await grownAndOpened([...first!, ...then!], ends);
      expect(grown).toEqual(atOnce);
    }),
    { seed: 43, numRuns: RUNS, endOnFailure: true },
  );
}, 120_000);

test('and one in which two phones changed the same tank, or a phone’s clock was ahead', async () => {
  const [first] = revisionsOf([[tankNamed('Basil')]]);
  const changed = (name: string, revId: string, nowMs: number): Revision => ({
    ...first!,
    revId: `${first!.revId.slice(0, -3)}${revId}`,
    parents: [first!.revId],
    at: new Date(nowMs).toISOString(),
    body: { ...tankNamed(name).body } as never,
  });
  const all = [
    first!,
    changed('Mint', 'AAA', NOW_MS - 10_000),
    changed('Sage', 'AAB', NOW_MS - 9_000),
    changed('Dill', 'AAC', NOW_MS + 30 * 86_400_000),
  ];
  const grown = opened();
  for (const [at, revision] of all.entries()) {
    grown.apply([revision]);
    const atOnce = opened();
    atOnce.apply(all.slice(0, at + 1));
    expect(await answers(grown)).toEqual(await answers(atOnce));
    expect(grown.aheadOfNow()).toEqual(atOnce.aheadOfNow());
  }
  expect(grown.aheadOfNow()).toHaveLength(1);
  const later = NOW_MS + 40 * 86_400_000;
  grown.setNow(later);
  const atOnce = new BookState({ exact: true });
  atOnce.setNow(later);
  atOnce.apply(all);
  expect(await answers(grown)).toEqual(await answers(atOnce));
});

test('and one that records were taken out of for good', async () => {
  await fc.assert(
    fc.asyncProperty(
      growersBook,
      fc.array(fc.nat(40), { minLength: 1 }),
      async (records, which) => {
        const revisions = revisionsOf(records);
        const gone = new Set(which.flatMap((at) => revisions[at]?.recordId ?? []));
        const grown = opened();
        grown.apply(revisions);
        await answers(grown);
        grown.forget(gone);
        const atOnce = opened();
        atOnce.apply(revisions.filter(({ recordId }) => !gone.has(recordId)));
        expect(await answers(grown)).toEqual(await answers(atOnce));
      },
    ),
    { seed: 47, numRuns: RUNS, endOnFailure: true },
  );
}, 120_000);

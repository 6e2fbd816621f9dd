import { saveLot, saveTank } from '@/acts';
import fc from 'fast-check';
import { LEDGER_KINDS, LEDGER_VERDICTS, type LedgerQuery } from '@/book/answers';
import { makeDemo } from '@/demo';
import { BookState } from './bookState';
import { bookNames } from './bookNames';
import { ledgerAnswer, ledgerFound } from './ledgerAnswer';
import { checkBody } from '@/records/testing/plainCheck';
import { checkedPen, DAY_MS, diary, tank, checkDone } from './testing/diary';

/** A pen checked from lot A-3902 and then from B-1, with readings of two tanks. */
function small() {
  const { book, did, write } = diary();
  const lot = (lotCode: string) =>
    did(0, saveLot(undefined, { kind: 'buffer', form: 'bottle', nominal: 7, lotCode, note: '' }));
  const [a, b] = [lot('A-3902'), lot('B-1')];
  const { penId, reading } = checkedPen(did);
  const pen = book.record('pen', penId)!.body;
  write(0.1, {
    kind: 'pen',
    recordId: penId,
    body: { ...pen, papers: { ...pen.papers!, serial: 'SN 44-17' } as never },
  });
  const basil = did(0, saveTank(undefined, tank()));
  const mint = did(0, saveTank(undefined, { ...tank(), name: 'Mint' }));
  const check = (day: number, lotId: string, adjusted: boolean) => {
    const body = checkBody(penId, day * DAY_MS, { in7: 7, in4: 4.01, adjusted });
    const cups = body.plan.cups.map((cup) => ({ ...cup, lotId }));
    return did(day, checkDone({ ...body, plan: { ...body.plan, cups } as never }));
  };
  const checks = [check(1, a, false), check(8, b, true)];
  const readings = [reading(2, basil, 6), reading(3, mint, 7.2), reading(9, mint, 6)];
  const noted = book.record('reading', readings[2]!)!.body;
  write(9.1, { kind: 'reading', recordId: readings[2]!, body: { ...noted, note: 'After RAIN' } });
  const find = (query: LedgerQuery) => ledgerFound(book, query).map(({ id }) => id);
  return { book, did, write, find, penId, basil, mint, checks, readings, a, b };
}

test('which checks used lot A-3902: by its id, and by its number as a word', () => {
  const { find, checks, a } = small();
  expect(find({ lotId: a, kind: 'session' })).toEqual([checks[0]]);
  expect(find({ words: 'a-3902', kind: 'session' })).toEqual([checks[0]]);
  expect(find({ words: 'a-3902' })).toEqual([checks[0], a]);
});

test('by place, pen, the number of the device, person, kind, words of a note, and days', () => {
  const { find, penId, mint, checks, readings } = small();
  expect(find({ tankId: mint })).toEqual([readings[2], readings[1]]);
  const ofPen = [readings[2], checks[1], readings[1], readings[0], checks[0]];
  expect(find({ penId })).toEqual(ofPen);
  expect(find({ words: '44-17' })).toEqual(ofPen);
  expect(find({ by: 'nobody' })).toEqual([]);
  expect(find({ by: 'LV', kind: 'session' })).toEqual([checks[1], checks[0]]);
  expect(find({ words: 'rain' })).toEqual([readings[2]]);
  // Every word must stand somewhere: here one in the tank’s name, one in the note.
  expect(find({ words: 'rain mint' })).toEqual([readings[2]]);
  expect(find({ words: 'rain basil' })).toEqual([]);
  expect(find({ fromMs: 2 * DAY_MS, toMs: 3 * DAY_MS })).toEqual([readings[1], readings[0]]);
  expect(find({ fromMs: 2 * DAY_MS + 1, toMs: 3 * DAY_MS - 1 })).toEqual([]);
});

test('by what it came to: how a check ended, where a reading stood', () => {
  const { find, checks, readings } = small();
  expect(find({ verdict: 'foundGood' })).toEqual([checks[0]]);
  expect(find({ verdict: 'adjusted' })).toEqual([checks[1]]);
  expect(find({ verdict: 'leftOut' })).toEqual([]);
  expect(find({ verdict: 'outOfBand' })).toEqual([readings[1]]);
  expect(find({ verdict: 'inBand' })).toEqual([readings[2], readings[0]]);
});

test('a voided entry is still found by what it was about, and says why', () => {
  const { book, write, find, readings, mint } = small();
  write(10, { kind: 'reading', recordId: readings[1]!, body: null, why: 'Wrong tank' });
  expect(find({ tankId: mint })).toContain(readings[1]);
  expect(find({ words: 'wrong' })).toEqual([readings[1]]);
  const { rows } = ledgerAnswer(book, { words: 'wrong' }, { skip: 0, count: 9 });
  expect(rows).toMatchObject([{ kind: 'voided', row: { why: 'Wrong tank', by: 'LV' } }]);
});

describe('the demo', () => {
  const book = new BookState();
  book.apply(makeDemo({ nowMs: Date.UTC(2026, 4, 20, 9), zone: 'UTC' }));
  const names = bookNames(book);
  const one = (list: readonly { readonly id: string }[]) =>
    fc.option(fc.constantFrom(...list.map(({ id }) => id)), { nil: undefined });
  const queries = fc.record(
    {
      kind: fc.constantFrom(...LEDGER_KINDS),
      verdict: fc.constantFrom(...LEDGER_VERDICTS),
      tankId: one(names.tanks),
      penId: one(names.pens),
      lotId: one(names.lots),
      words: fc.constantFrom('p1', 'basil', 'a', 'P4 clean'),
      fromMs: fc.integer({ min: Date.UTC(2026, 2, 1), max: Date.UTC(2026, 4, 20) }),
    },
    { requiredKeys: [] },
  );

  test('two conditions find what both find alone, newest first, each entry once', () => {
    const ids = (query: LedgerQuery) => ledgerFound(book, query).map(({ id }) => id);
    fc.assert(
      fc.property(queries, queries, (first, second) => {
        // The second has its way where both name the same.
        const both = { ...first, ...second };
        const left = new Set(
          ids(Object.fromEntries(Object.entries(first).filter(([name]) => !(name in second)))),
        );
        const right = ids(second);
        expect(ids(both)).toEqual(right.filter((id) => left.has(id)));
        const times = ledgerFound(book, both).map(({ atMs }) => atMs);
        expect(times).toEqual([...times].sort((a, b) => b - a));
      }),
      { numRuns: 60 },
    );
  });

  test('the kinds together are everything; its parts one after another are the whole', () => {
    const all = ledgerFound(book, {});
    const byKind = LEDGER_KINDS.map((kind) => ledgerFound(book, { kind }).length);
    expect(byKind.reduce((sum, count) => sum + count, 0)).toBe(all.length);
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    const parts = [0, 100, 200].map((skip) => ledgerAnswer(book, {}, { skip, count: 100 }));
    expect(parts.flatMap(({ rows }) => rows.map(({ row }) => row.id))).toEqual(
      all.slice(0, 300).map(({ id }) => id),
    );
    expect(parts.every(({ found, total }) => found === all.length && total === found)).toBe(true);
  });

  test('what it can be asked about is named as people name it', () => {
    expect(names.pens.some(({ name }) => name.startsWith('P1 '))).toBe(true);
    expect(names.tanks.map(({ name }) => name)).toContain('Basil tables');
    expect(names.people.length).toBeGreaterThan(0);
  });
});

import fc from 'fast-check';
import { amendment, saveLot, saveTank, type Entry, voiding } from '@/acts';
import type { Change, Kind } from '@/records';
import { checkBody } from '@/records/testing/plainCheck';
import { amendEffects } from './amendEffects';
import { pensAnswer } from './penAnswers';
import { shelfAnswer } from './otherAnswers';
import { tankAnswer, tankHistoryAnswer } from './tankAnswers';
import { checkedPen, DAY_MS, diary, tank, checkDone } from './testing/diary';

/** A pen, a tank, a bottle; checks on days 0 and 10, readings on each day between. */
function house() {
  const { book, did, write } = diary();
  const lotId = did(
    0,
    saveLot(undefined, {
      kind: 'buffer',
      form: 'bottle',
      nominal: 7,
      lotCode: 'A',
      left: 100,
      note: '',
    }),
  );
  const { penId, session, reading } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  const readings = [2, 4, 6, 8].map((day) => reading(day, tankId, 6 + day / 10));
  const body = checkBody(penId, 10 * DAY_MS, { in7: 7.4, in4: 4.41, adjusted: true });
  const cups = body.plan.cups.map((cup, at) => (at === 0 ? { ...cup, lotId } : cup));
  const poured = { ...body, plan: { ...body.plan, cups } } as never;
  const checkId = did(10, checkDone(poured));
  const entry = <K extends Kind>(kind: K, id: string) => {
    const record = book.record(kind, id)!;
    const known = { id, revId: record.head.revId };
    const lots = book
      .all('lot')
      .map((lot) => ({ id: lot.id, revId: lot.head.revId, body: lot.body }));
    return { kind, known, body: record.body, lots } as Entry<K>;
  };
  const take = (changes: readonly Change[], day = 11) => {
    for (const change of changes) write(day, change as never);
  };
  return { book, did, write, take, entry, penId, tankId, lotId, checkId, readings };
}
const NOW_MS = 12 * DAY_MS;

test('a check voided: the readings before it, the dose, the pen and the bottle follow, and it is told', () => {
  const { book, take, entry, checkId, lotId } = house();
  const changes = voiding(entry('session', checkId), 'wrong pen');
  expect(
    changes.map(({ kind, body }) => [kind, body && 'left' in body ? body.left : null]),
  ).toEqual([
    ['session', null],
    ['lot', 120],
  ]);
  const told = amendEffects(book, changes, NOW_MS);
  expect(told).toEqual({ readings: 4, plans: 1, pens: ['P1'], lots: 1 });
  // It was worked out beside the book, not in it.
  expect(book.record('session', checkId)).toBeDefined();
  take(changes);
  expect(shelfAnswer(book, NOW_MS).find(({ id }) => id === lotId)?.body.left).toBe(120);
});

test('a check from another bottle: one gets its portion back, the other gives it', () => {
  const { book, did, entry, checkId, lotId } = house();
  const other = did(
    9,
    saveLot(undefined, {
      kind: 'buffer',
      form: 'bottle',
      nominal: 7,
      lotCode: 'B',
      left: 100,
      note: '',
    }),
  );
  const was = entry('session', checkId);
  const cups = was.body.plan.cups.map((cup) =>
    cup.lotId === lotId ? { ...cup, lotId: other } : cup,
  );
  const changes = amendment(was, { ...was.body, plan: { ...was.body.plan, cups } }, 'other bottle');
  const lefts = changes
    .slice(1)
    .map(({ recordId, body }) => [recordId, (body as { left: number }).left]);
  expect(lefts).toEqual([
    [lotId, 120],
    [other, 80],
  ]);
  // Every value stands as it was: nothing else says something else.
  expect(amendEffects(book, changes, NOW_MS)).toEqual({ readings: 0, plans: 0, pens: [], lots: 2 });
});

test('a note put right changes nothing else', () => {
  const { book, entry, readings } = house();
  const was = entry('reading', readings[0]!);
  const changes = amendment(was, { ...was.body, note: 'after rain' }, 'forgot it');
  expect(amendEffects(book, changes, NOW_MS)).toEqual({ readings: 0, plans: 0, pens: [], lots: 0 });
});

/** All that a grower sees of the house, without who wrote it when. */
function seen({ book, tankId }: ReturnType<typeof house>): string {
  return JSON.stringify([
    pensAnswer(book, NOW_MS).map(({ word, sides }) => [word, sides]),
    tankAnswer(book, tankId, NOW_MS)?.latest?.ph?.judged,
    tankHistoryAnswer(book, tankId),
    shelfAnswer(book, NOW_MS).map(({ body }) => body.left),
  ]).replaceAll(/"(revId|id|recordId|penId|tankId|lotId)":"[^"]*"/g, '""');
}

test('any mistakes, amended or voided, leave what a book says that never had them; each stays readable', () => {
  const slip = fc.record({ at: fc.nat(3), wrong: fc.double({ min: 4, max: 8, noNaN: true }) });
  fc.assert(
    fc.property(fc.array(slip, { minLength: 1, maxLength: 5 }), fc.boolean(), (slips, extra) => {
      const [clean, mended] = [house(), house()];
      for (const { at, wrong } of slips) {
        const id = mended.readings[at]!;
        const right = mended.entry('reading', id).body;
        mended.take(
          amendment(
            mended.entry('reading', id),
            { ...right, ph: { ...right.ph!, shown: wrong } },
            'slip',
          ),
        );
        mended.take(amendment(mended.entry('reading', id), right, 'put right'));
        const told = mended.book
          .revisionsOf(id)
          .map(({ body }) => (body as { ph: { shown: number } }).ph.shown);
        expect(told).toContain(wrong);
        expect(told).toContain(right.ph!.shown);
      }
      if (extra) {
        const body = checkBody(mended.penId, 9 * DAY_MS, { in7: 7.9, in4: 5, adjusted: true });
        const cups = body.plan.cups.map((cup) => ({ ...cup, lotId: mended.lotId }));
        const id = mended.did(9, checkDone({ ...body, plan: { ...body.plan, cups } } as never));
        const lot = mended.book.record('lot', mended.lotId)!.body;
        mended.write(9, {
          kind: 'lot',
          recordId: mended.lotId,
          body: { ...lot, left: lot.left! - 20 },
        });
        mended.take(voiding(mended.entry('session', id), 'never happened'));
        expect(mended.book.revisionsOf(id)).toHaveLength(2);
      }
      expect(seen(mended)).toBe(seen(clean));
    }),
    { numRuns: 25 },
  );
});

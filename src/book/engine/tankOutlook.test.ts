import { DAY_MS, HOUR_MS } from '@/core/units';
import { expectReading, sinceSurprise, type TankPoint } from '@/core/forecast';
import { makeDemo } from '@/demo';
import { isReservoir } from '@/records/kinds';
import { additionsOf } from './additions';
import { BookState } from './bookState';
import { readingRow } from './readingRow';
import { readingsOf } from './readingsOf';
import { roundAnswer } from './roundAnswer';
import { roundPieces } from './roundPieces';
import { expectedNow } from './tankOutlook';
import type { TankId } from '@/records';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const demo = makeDemo({ nowMs, zone: 'UTC' });
const opened = () => {
  const book = new BookState();
  book.setNow(nowMs);
  book.apply(demo);
  return book;
};

/** What a tank's rows, with their whole budgets, say since its last addition and within three weeks. */
function pointsOf(book: BookState, id: TankId, quantity: 'ph' | 'ec'): TankPoint[] {
  const threeWeeksMs = Math.floor((nowMs - 21 * DAY_MS) / HOUR_MS) * HOUR_MS;
  const sinceMs = Math.max(threeWeeksMs, additionsOf(book, id).at(-1)?.atMs ?? 0);
  return [...readingsOf(book, id)].reverse().flatMap((reading) => {
    const row = readingRow(book, reading)!;
    const judged = row[quantity]?.judged;
    return judged && row.atMs > sinceMs
      ? [{ atMs: row.atMs, value: judged.value, stdU: judged.budget.stdU }]
      : [];
  });
}

test('what a tank should show now is what its rows say, worked out without their budgets', () => {
  const book = opened();
  const tanks = book.all('tank').filter(({ body }) => isReservoir(body));
  const told = tanks.flatMap(({ id }) =>
    (['ph', 'ec'] as const).flatMap((quantity) => {
      const points = sinceSurprise(pointsOf(book, id, quantity), quantity);
      const byRows = expectReading(points, quantity, nowMs);
      const now = expectedNow(book, id, nowMs)[quantity];
      expect(now?.basis).toBe(byRows?.basis);
      if (!now || !byRows) return [];
      expect(now.value).toBeCloseTo(byRows.value, 10);
      expect(now.stdU).toBeCloseTo(byRows.stdU, 10);
      return [now.basis];
    }),
  );
  expect(told).toContain('trend');
  expect(told).toContain('last');
});

test('the Round that was worked out in pieces is the Round', () => {
  const [ahead, fresh] = [opened(), opened()];
  const pieces = [...roundPieces(ahead, nowMs)];
  expect(pieces).toHaveLength(ahead.all('pen').length + ahead.all('tank').length + 1);
  for (const work of pieces) work();
  expect(roundAnswer(ahead, { nowMs })).toEqual(roundAnswer(fresh, { nowMs }));
});

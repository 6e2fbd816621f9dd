import { parseRevision } from '@/records';
import { BookState } from '@/book/engine/bookState';
import { pensAnswer } from '@/book/engine/penAnswers';
import { roundAnswer } from '@/book/engine/roundAnswer';
import { tankDetailAnswer, tanksAnswer } from '@/book/engine/tankAnswers';
import { makeDemo } from './index';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const demo = makeDemo({ nowMs, zone: 'UTC' });
const book = new BookState();
book.apply(demo);

test('only raw records that pass their own schemas, none from the future', () => {
  expect(demo.length).toBeGreaterThan(1200);
  const refused = demo.map(parseRevision).filter((result) => !result.ok);
  expect(refused).toEqual([]);
  expect(demo.filter((revision) => Date.parse(revision.at) > nowMs)).toEqual([]);
});

test('the same seed makes the same book', () => {
  expect(makeDemo({ nowMs, zone: 'UTC' })).toEqual(demo);
});

test('its story is true in the data: P4 can’t be trusted, P1 was checked today', () => {
  const pens = new Map(pensAnswer(book, nowMs).map((pen) => [pen.body.code, pen]));
  expect(pens.get('P4')?.word).toBe('cantBeTrusted');
  expect(pens.get('P1')?.word).toBe('ready');
  expect(pens.get('P2')?.word).toBe('checkDue');
  const day = new Date(2026, 4, 20).getTime();
  const { stops } = roundAnswer(book, { nowMs, dayStartMs: day });
  expect(stops.filter((stop) => stop.done).length).toBeGreaterThanOrEqual(2);
  expect(stops.some((stop) => stop.kind === 'lot')).toBe(true);
});

test('corrected values come closer to the hidden truth than what P4 showed', () => {
  // The grower steers by what is shown; P4 found 0.3 or more high must have been corrected by it.
  const gerbera = tanksAnswer(book).find((tank) => tank.body.name === 'Gerbera bench')!;
  const rows = tankDetailAnswer(book, gerbera.id)?.readings ?? [];
  const corrections = rows.map((row) => row.ph?.judged.correction ?? 0);
  expect(Math.max(...corrections)).toBeGreaterThan(0.25);
});

import { BookState } from './bookState';
import { pensAnswer } from './penAnswers';
import { roundAnswer } from './roundAnswer';
import { tankDetailAnswer, tanksAnswer } from './tankAnswers';
import { makeDemo } from '@/demo';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const demo = makeDemo({ nowMs, zone: 'UTC' });
const book = new BookState();
book.apply(demo);

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
  const gerbera = tanksAnswer(book, nowMs).find((tank) => tank.body.name === 'Gerbera bench')!;
  const rows = tankDetailAnswer(book, gerbera.id, nowMs)?.readings ?? [];
  const corrections = rows.map((row) => row.ph?.judged.correction ?? 0);
  expect(Math.max(...corrections)).toBeGreaterThan(0.25);
});

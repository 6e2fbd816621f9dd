import { makeDemo } from '@/demo';
import { BookState } from './bookState';
import { lookBackAnswer } from './lookBackAnswer';
import { penDetailAnswer, pensAnswer } from './penAnswers';
import { roundAnswer } from './roundAnswer';
import { readingsPage, tanksAnswer } from './tankAnswers';

const morning = (year: number, month: number, day: number) =>
  new Date(year, month, day, 10, 30).getTime();
const nowMs = morning(2026, 4, 20);
const bookAt = (ms: number) => {
  const book = new BookState();
  book.apply(makeDemo({ nowMs: ms, zone: 'UTC' }));
  return book;
};
const book = bookAt(nowMs);
const pen = (code: string) => pensAnswer(book, nowMs).find(({ body }) => body.code === code)!;

test('P4 can’t be trusted, P1 was checked today, P2 soaks after it had dried out', () => {
  expect(pen('P4').word).toBe('cantBeTrusted');
  expect(pen('P1').word).toBe('ready');
  expect(pen('P2').word).toBe('soaking');
  const care = penDetailAnswer(book, pen('P2').id, nowMs)?.care.map(({ body }) => body.what);
  expect(care).toEqual(['soak', 'dryOut']);
});

test.each([
  ['in spring', morning(2026, 4, 20)],
  ['in autumn, across the change of clocks', morning(2026, 10, 25)],
  ['late at night', new Date(2027, 0, 3, 23, 40).getTime()],
])('P4’s look-back turns seven readings and three doses, %s', (_name, ms) => {
  const then = bookAt(ms);
  const penId = then.all('pen').find(({ body }) => body.code === 'P4')!.id;
  const answer = lookBackAnswer(then, { penId, quantity: 'ph' });
  expect(answer).toMatchObject({ turnedCount: 7, wrongDoseCount: 3 });
  expect(answer!.errorTo).toBeGreaterThan(0.25);
  // Nobody doses on a number that was said to tell nothing.
  const dosed = answer!.rows.filter((row) => row.dosed);
  expect(new Set(dosed.map((row) => row.then.verdict))).toEqual(new Set(['probablyHigh']));
});

test('P3 was found low with a greasy face, and cleaned right after', () => {
  const detail = penDetailAnswer(book, pen('P3').id, nowMs)!;
  const errors = detail.drift[0]!.points.filter(({ kind }) => kind === 'found');
  expect(Math.min(...errors.map(({ error }) => error))).toBeLessThan(-0.05);
  expect(detail.care[0]).toMatchObject({ body: { what: 'clean', side: 'ec' } });
});

test('a dose waits for its re-read, a lot is past its date, some stops are done', () => {
  const mixing = tanksAnswer(book, nowMs).filter((tank) => tank.mixing);
  expect(mixing.map(({ body }) => body.name)).toEqual(['Strawberry gutters']);
  expect(Date.parse(mixing[0]!.mixing!.body.rereadAt!)).toBeGreaterThan(nowMs);
  const { stops } = roundAnswer(book, { nowMs });
  expect(stops.filter((stop) => stop.done).length).toBeGreaterThanOrEqual(1);
  expect(stops.some((stop) => stop.kind === 'lot')).toBe(true);
});

test('at least two tanks have been left alone long enough to say where they go', () => {
  const told = tanksAnswer(book, nowMs).filter(({ leaving }) => leaving.ph ?? leaving.ec);
  expect(told.length).toBeGreaterThanOrEqual(2);
});

test('corrected values come closer to the hidden truth than what P4 showed', () => {
  const gerbera = tanksAnswer(book, nowMs).find((tank) => tank.body.name === 'Gerbera bench')!;
  const rows = readingsPage(book, { tankId: gerbera.id, sample: 'tank', count: 60 }).rows;
  const corrections = rows.map((row) => row.ph?.judged.correction ?? 0);
  expect(Math.max(...corrections)).toBeGreaterThan(0.2);
});

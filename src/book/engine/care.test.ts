import { careFor, fitProbe, saveLot, savePen } from '@/acts';
import type { CareEvent } from '@/records';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import {
  disturbancesOf,
  forcingEvents,
  incidentsMsOf,
  isResting,
  probeBornMs,
  probeFittedMs,
  probesMsOf,
  runningSoak,
} from './penCare';
import { careDueAnswer } from './careDueAnswer';
import { penAnswer, pensAnswer } from './penAnswers';
import { roundAnswer } from './roundAnswer';
import { shoppingAnswer } from './shoppingAnswer';
import { readAnswer } from './tankAnswers';
import { timersAnswer } from './timersAnswer';
import { diary } from './testing/diary';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const nowMs = 100 * DAY_MS;

function bookWithPen() {
  const { book, did, write } = diary(1);
  const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;
  const pen = penFromProfile(profile, { code: 'P1', name: 'Pen' });
  const penId = did(0, savePen(undefined, pen));
  const care = (what: CareEvent['what'], atMs: number, more: Partial<CareEvent> = {}) =>
    did(
      atMs,
      careFor({ penId, side: 'both', what, at: new Date(atMs).toISOString(), note: '', ...more }),
    );
  const soak = (fromMs: number, hours: number) =>
    care('soak', fromMs, {
      side: 'ph',
      until: new Date(fromMs + hours * HOUR_MS).toISOString(),
    });
  return { book, did, write, penId, care, soak };
}

test('incidents break the line and force a check; a cap topped up does neither', () => {
  const { book, penId, care } = bookWithPen();
  care('dryOut', 3 * DAY_MS, { side: 'ph' });
  care('capTopUp', 4 * DAY_MS, { side: 'ph' });
  care('newProbe', 5 * DAY_MS, { side: 'ph' });
  care('clean', 6 * DAY_MS, { side: 'ec' });
  expect(disturbancesOf(book, penId, 'ph')).toEqual([3 * DAY_MS]);
  expect(disturbancesOf(book, penId, 'ec')).toEqual([6 * DAY_MS]);
  expect(probesMsOf(book, penId, 'ph')).toEqual([5 * DAY_MS]);
  expect(incidentsMsOf(book, penId, 'ph')).toEqual([3 * DAY_MS, 5 * DAY_MS]);
  expect(forcingEvents(book, penId, 'ph').map(({ event }) => event)).toEqual([
    'dryOut',
    'newProbe',
  ]);
  expect(forcingEvents(book, penId, 'ec').map(({ event }) => event)).toEqual(['cleaned']);
  expect(probeFittedMs(book, book.record('pen', penId)!, 'ph')).toBe(5 * DAY_MS);
  expect(probeFittedMs(book, book.record('pen', penId)!, 'ec')).toBe(0);
});

test('a soak makes the probe unready until it ends, then stays on the line for half a day', () => {
  const { book, penId, soak } = bookWithPen();
  soak(nowMs - HOUR_MS, 2);
  expect(runningSoak(book, penId, 'ph', nowMs)).toBeDefined();
  expect(runningSoak(book, penId, 'ec', nowMs)).toBeUndefined();
  expect(pensAnswer(book, nowMs)[0]?.word).toBe('soaking');
  expect(timersAnswer(book, nowMs)).toMatchObject([
    { kind: 'soak', name: 'P1', refId: penId, endMs: nowMs + HOUR_MS },
  ]);
  expect(roundAnswer(book, { nowMs }).stops[0]).toMatchObject({ kind: 'soak' });
  expect(timersAnswer(book, nowMs + 12 * HOUR_MS)).toHaveLength(1);
  expect(timersAnswer(book, nowMs + 14 * HOUR_MS)).toEqual([]);
  expect(pensAnswer(book, nowMs + HOUR_MS)[0]?.word).toBe('unverified');
});

test('a later soak of the same probe takes over the line', () => {
  const { book, soak } = bookWithPen();
  soak(nowMs - 2 * HOUR_MS, 24);
  soak(nowMs - HOUR_MS, 12);
  expect(timersAnswer(book, nowMs).map(({ endMs }) => endMs)).toEqual([nowMs + 11 * HOUR_MS]);
});

test('a pen at rest leaves the round until it is taken out', () => {
  const { book, penId, care } = bookWithPen();
  care('rest', nowMs - 2 * DAY_MS);
  expect(isResting(book, penId, 'ph')).toBe(true);
  expect(roundAnswer(book, { nowMs }).stops).toEqual([]);
  care('wake', nowMs - DAY_MS);
  expect(isResting(book, penId, 'ph')).toBe(false);
  expect(roundAnswer(book, { nowMs }).stops).toHaveLength(1);
});

test('the shopping list names what the pens need and the Shelf lacks', () => {
  const { book, did } = bookWithPen();
  const needed = shoppingAnswer(book, nowMs).map(({ need, reason }) => [need.nominal, reason]);
  expect(needed).toEqual([
    [7, 'none'],
    [4.01, 'none'],
    [1.413, 'none'],
  ]);
  did(
    0,
    saveLot(undefined, {
      kind: 'buffer',
      form: 'bottle',
      nominal: 7,
      lotCode: '',
      left: 500,
      note: '',
    }),
  );
  expect(shoppingAnswer(book, nowMs).map(({ need }) => need.nominal)).toEqual([4.01, 1.413]);
});

test('a cap with a stop-gap is on the line until it gets storage solution, however late', () => {
  const { book, penId, care } = bookWithPen();
  care('stopGap', nowMs - HOUR_MS, { side: 'ph', note: 'tap water' });
  expect(timersAnswer(book, nowMs)).toMatchObject([
    { kind: 'stopGap', name: 'P1', refId: penId, endMs: nowMs + 23 * HOUR_MS },
  ]);
  expect(timersAnswer(book, nowMs + 9 * DAY_MS)).toHaveLength(1);
  expect(timersAnswer(book, nowMs - 2 * HOUR_MS)).toEqual([]);
  care('capTopUp', nowMs + DAY_MS, { side: 'ph' });
  expect(timersAnswer(book, nowMs + 2 * DAY_MS)).toEqual([]);
});

test('a probe ages from its own purchase, the first one from the pen’s, else from the day it was fitted', () => {
  const { book, penId, care, did, write } = bookWithPen();
  const born = () => probeBornMs(book, book.record('pen', penId)!, 'ph');
  const day = (n: number) => new Date(n * DAY_MS).toISOString();
  expect(born()).toBe(0);
  const { head, body } = book.record('pen', penId)!;
  const papers = {
    serial: '',
    boughtOn: '1969-12-01',
    guaranteeUntil: '',
    certificate: '',
    batteries: '',
  };
  write(0, { kind: 'pen', recordId: penId, parents: [head.revId], body: { ...body, papers } });
  expect(born()).toBe(Date.UTC(1969, 11, 1));
  care('newProbe', 50 * DAY_MS, { side: 'ph' });
  expect(born()).toBe(50 * DAY_MS);
  const probe = {
    penId,
    side: 'ph' as const,
    serial: '',
    junction: '',
    connector: '',
    certificate: '',
    note: '',
  };
  did(50 * DAY_MS, fitProbe({ ...probe, fittedAt: day(50), boughtAt: day(20) }));
  expect(born()).toBe(20 * DAY_MS);
});

test('the stand in cleaner runs a timer until the cleaning is booked, and is no soak', () => {
  const { book, penId, care } = bookWithPen();
  const until = new Date(nowMs + HOUR_MS / 2).toISOString();
  care('inCleaner', nowMs, { side: 'ph', until });
  expect(timersAnswer(book, nowMs)).toMatchObject([{ kind: 'cleaner', refId: penId }]);
  expect(runningSoak(book, penId, 'ph', nowMs + 1)).toBeUndefined();
  expect(timersAnswer(book, nowMs + HOUR_MS)).toMatchObject([{ kind: 'cleaner' }]);
  care('cleanHeavy', nowMs + HOUR_MS, { side: 'ph' });
  expect(timersAnswer(book, nowMs + HOUR_MS).map(({ kind }) => kind)).not.toContain('cleaner');
});

test('what is gone is due for nothing, runs no timer, and is offered nowhere', () => {
  const { book, penId, care, write } = bookWithPen();
  care('stopGap', nowMs - HOUR_MS, { side: 'ph' });
  const pen = book.record('pen', penId)!;
  expect(roundAnswer(book, { nowMs }).stops).toHaveLength(1);
  const gone = { why: 'lost', at: new Date(nowMs).toISOString() } as const;
  const { id: recordId, head, body } = pen;
  write(nowMs, { kind: 'pen', recordId, parents: [head.revId], body: { ...body, gone } });
  expect(penAnswer(book, book.record('pen', penId)!, nowMs)).toMatchObject({
    word: 'gone',
    sides: [{ dueAtMs: undefined }, { dueAtMs: undefined }],
  });
  expect(roundAnswer(book, { nowMs })).toMatchObject({ stops: [], penCount: 0 });
  expect(readAnswer(book, nowMs).pens).toEqual([]);
  expect(timersAnswer(book, nowMs)).toEqual([]);
  expect(careDueAnswer(book, book.record('pen', penId)!, nowMs)).toEqual([]);
});

test('drying runs a timer and forces a check, but is no soak', () => {
  const { book, penId, care } = bookWithPen();
  const until = new Date(nowMs + 24 * HOUR_MS).toISOString();
  care('wetElectronics', nowMs, { until });
  expect(timersAnswer(book, nowMs)).toMatchObject([{ kind: 'drying', refId: penId }]);
  expect(runningSoak(book, penId, 'ph', nowMs + HOUR_MS)).toBeUndefined();
  expect(forcingEvents(book, penId, 'ec').map(({ event }) => event)).toEqual(['wetElectronics']);
});

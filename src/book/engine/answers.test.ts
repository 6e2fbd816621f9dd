import { pourDose, saveLot, saveTank } from '@/acts';
import { ledgerAnswer } from './ledgerAnswer';
import { lookBackAnswer } from './lookBackAnswer';
import { benchAnswer, settingsAnswer, shelfAnswer } from './otherAnswers';
import { penDetailAnswer, pensAnswer } from './penAnswers';
import { sessionsOf } from './penTrack';
import { roundAnswer } from './roundAnswer';
import { readAnswer, readingsPage, tanksAnswer } from './tankAnswers';
import { DAY_MS, checkedPen, diary, instant, tank } from './testing/diary';

/** An acid dose, as the Book keeps it. */
const pour = { what: 'acid' as const, productName: '', doseMl: 5, note: '' };

test('a later check corrects the readings before it and turns their verdict', () => {
  const { book, did } = diary();
  const { session, reading } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  reading(9, tankId, 6.7);
  expect(tanksAnswer(book, 10 * DAY_MS)[0]?.latest?.ph?.judged.verdict).toBe('high');
  // Found 0.4 high in both buffers on day 10: nine tenths of it had come by day 9.
  session(10, 7.4, 4.41, true);
  const judged = tanksAnswer(book, 10 * DAY_MS)[0]?.latest?.ph?.judged;
  expect(judged?.value).toBeCloseTo(6.34, 2);
  expect(judged?.verdict).not.toBe('high');
});

test('the look-back names that reading, how far it was off, and the dose made on it', () => {
  const { book, did } = diary();
  const { session, reading, penId } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  const readingId = reading(9, tankId, 6.7);
  reading(2, tankId, 6.05);
  const at = new Date(9.01 * DAY_MS).toISOString();
  did(9, pourDose({ ...pour, tankId, readingId, at }, '5 mL'));
  session(10, 7.4, 4.41, true);
  const answer = lookBackAnswer(book, { penId, quantity: 'ph' });
  // 0.4 of drift in ten days: 0.36 by day nine; as found at pH 6 it stood 0.4 high.
  expect(answer).toMatchObject({ turnedCount: 1, wrongDoseCount: 1, afterCleaning: false });
  expect(answer?.errorTo).toBeCloseTo(0.4, 2);
  expect(answer?.rows.map((row) => [row.id === readingId, row.turned])).toEqual([
    [true, true],
    [false, false],
  ]);
  expect(answer?.worstError).toBeCloseTo(0.36, 2);
  expect(lookBackAnswer(book, { penId, quantity: 'ec' })).toBeNull();
});

test('what is found at the Bench tells before it is saved what the saved check tells after', () => {
  const { book, did, write } = diary();
  const { session, reading, penId } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  for (const [day, shown] of [5.6, 6.05, 6.7, 6.75].entries()) reading(2 * day + 2, tankId, shown);
  const beforehand = { penId, quantity: 'ph' as const };
  session(10, 7.4, 4.41, true);
  const saved = lookBackAnswer(book, beforehand);
  const { record } = sessionsOf(book, penId, 'ph').at(-1)!;
  const { plan, events, afterCleaning } = record.body;
  write(11, { kind: 'session', recordId: record.id, body: null });
  const asFound = events.slice(0, plan.cups.length);
  const found = { plan, events: asFound, afterCleaning, atMs: 10 * DAY_MS };
  const early = lookBackAnswer(book, { ...beforehand, found });
  const { turnedCount, wrongDoseCount, errorTo, rows } = saved!;
  // What was left adds a hair to what is known of the pen's temper.
  expect(early).toMatchObject({ turnedCount, wrongDoseCount, errorTo: expect.closeTo(errorTo, 4) });
  expect(early!.rows.map(({ now }) => now.verdict)).toEqual(rows.map(({ now }) => now.verdict));
  early!.rows.forEach(({ now }, at) => expect(now.value).toBeCloseTo(rows[at]!.now.value, 4));
  // 6.70 and 6.75 were 0.24 and 0.32 too high.
  expect(turnedCount).toBe(2);
  expect(errorTo).toBeCloseTo(0.4, 2);
  // Without it the first check is the newest: exact, with no reading before it.
  expect(lookBackAnswer(book, beforehand)).toBeNull();
});

test('what would have been right on a reading still too high follows the chemistry of its day', () => {
  const { book, did } = diary();
  const { session, reading, penId } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  const readingId = reading(9, tankId, 7);
  const at = new Date(9.01 * DAY_MS).toISOString();
  did(9, pourDose({ ...pour, tankId, readingId, at, aimPh: 6 }, '5 mL'));
  session(10, 7.444, 4.454, true);
  const [row] = lookBackAnswer(book, { penId, quantity: 'ph' })?.rows ?? [];
  // 0.40 high by day nine: to 6.0 a feed takes half from 6.6 of what it takes from 7.0, not 0.60.
  expect(row?.now.value).toBeCloseTo(6.6, 2);
  const [dose] = row ? [row.rightDose] : [];
  expect(dose).toEqual({ kind: 'share', share: expect.closeTo(0.495, 1) });
  expect(dose?.kind === 'share' && dose.share).toBeLessThan(0.53);
});

test('a band changed from now on leaves the past verdict as it was', () => {
  const { book, did, write } = diary();
  const { session, reading } = checkedPen(did);
  const recordId = did(0, saveTank(undefined, tank()));
  session(0, 7, 4.01, false);
  reading(1, recordId, 5.7);
  write(2, { kind: 'tank', recordId, effectiveFromMs: 2 * DAY_MS, body: tank(6, 7) });
  reading(3, recordId, 5.7);
  const verdicts = readingsPage(book, { tankId: recordId, sample: 'tank', count: 9 }).rows.map(
    ({ ph }) => ph?.judged.verdict,
  );
  expect(verdicts).toEqual(['low', 'in']);
});

test('a pen is unverified, ready, then due; its last pen is remembered for a tank', () => {
  const { book, did } = diary();
  const { penId, session, reading } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  expect(pensAnswer(book, DAY_MS)[0]?.word).toBe('unverified');
  session(1, 7.01, 4.02, false);
  expect(pensAnswer(book, 2 * DAY_MS)[0]?.word).toBe('ready');
  expect(pensAnswer(book, 8 * DAY_MS)[0]?.word).toBe('checkDue');
  expect(penDetailAnswer(book, penId, DAY_MS)?.sessions).toHaveLength(1);
  reading(2, tankId, 6);
  expect(readAnswer(book, 2 * DAY_MS).remembered[tankId]).toEqual({
    phPenId: penId,
    ecPenId: undefined,
  });
});

test('the round lists what is left and what is done today', () => {
  const { book, did } = diary();
  const { session, reading } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  did(
    0,
    saveLot(undefined, {
      kind: 'buffer',
      form: 'bottle',
      nominal: 7,
      lotCode: 'A',
      note: '',
      expiresAt: instant(1),
    }),
  );
  const at = { nowMs: 5 * DAY_MS + 1000 };
  const kinds = () => roundAnswer(book, at).stops.map(({ kind, done }) => `${kind} ${done}`);
  expect(kinds()).toEqual(['pen false', 'tank false', 'lot false']);
  session(5, 7, 4.01, false);
  reading(5, tankId, 6);
  expect(kinds()).toEqual(['pen true', 'tank true', 'lot false']);
});

test('the ledger is newest first and counts everything; a deleted reading is gone from it', () => {
  const { book, did, write } = diary();
  const { session, reading } = checkedPen(did);
  const tankId = did(0, saveTank(undefined, tank()));
  session(1, 7, 4.01, false);
  const id = reading(2, tankId, 6);
  reading(3, tankId, 6);
  expect(ledgerAnswer(book, {}, { skip: 0, count: 2 })).toMatchObject({
    total: 3,
    found: 3,
    rows: [{ atMs: 3 * DAY_MS }, { atMs: 2 * DAY_MS }],
  });
  write(4, { kind: 'reading', recordId: id, body: null });
  expect(ledgerAnswer(book, {}, { skip: 0, count: 10 }).total).toBe(2);
});

test('the Bench finds its open sitting, the Shelf its order, settings their defaults', () => {
  const { book, did, write } = diary();
  const { penId } = checkedPen(did);
  did(
    0,
    saveLot(undefined, {
      kind: 'ecStandard',
      form: 'bottle',
      nominal: 1.413,
      lotCode: 'K',
      note: '',
    }),
  );
  did(
    0,
    saveLot(undefined, { kind: 'buffer', form: 'bottle', nominal: 7, lotCode: 'B', note: '' }),
  );
  did(
    0,
    saveLot(undefined, { kind: 'buffer', form: 'bottle', nominal: 4.01, lotCode: 'A', note: '' }),
  );
  expect(shelfAnswer(book, 0).map(({ body }) => body.lotCode)).toEqual(['A', 'B', 'K']);
  expect(benchAnswer(book, { penId, quantity: 'ph', nowMs: 0 })?.draft).toBeUndefined();
  write(1, {
    kind: 'benchDraft',
    body: {
      penId,
      quantity: 'ph',
      startedAt: instant(1),
      events: [],
      afterCleaning: false,
      typed: '20',
    },
  });
  expect(benchAnswer(book, { penId, quantity: 'ph', nowMs: 0 })?.draft?.body.typed).toBe('20');
  expect(pensAnswer(book, DAY_MS)[0]?.openBench).toEqual(['ph']);
  expect(benchAnswer(book, { penId: 'nobody', quantity: 'ph', nowMs: 0 })).toBeNull();
  expect(settingsAnswer(book).settings).toMatchObject({ tempUnit: '°C', decimalMark: '.' });
});

import fc from 'fast-check';
import type { Verdict } from '../verdict';
import { lookBack, type JudgedThen, type LookBackReading } from './index';

const judged = (value: number, verdict: Verdict): JudgedThen => ({
  value,
  expandedU: 0.08,
  verdict,
});
const reading = (more: Partial<LookBackReading>): LookBackReading => ({
  id: 'a',
  atMs: 0,
  then: judged(6.1, 'high'),
  now: judged(5.75, 'in'),
  aim: 5.65,
  dosed: false,
  ...more,
});

test('in and probably in are one side; a verdict turns only when the side changes', () => {
  const result = lookBack([
    reading({ id: 'turned', atMs: 3 }),
    reading({ id: 'kept', atMs: 2, then: judged(5.8, 'in'), now: judged(5.95, 'probablyIn') }),
    reading({ id: 'lost', atMs: 1, then: judged(5.8, 'in'), now: judged(5.5, 'cantTell') }),
  ]);
  expect(result.rows.map(({ id, turned }) => [id, turned])).toEqual([
    ['turned', true],
    ['kept', false],
    ['lost', true],
  ]);
  expect(result.turnedCount).toBe(2);
  expect(result.worst).toMatchObject({ id: 'turned', error: expect.closeTo(0.35, 9) });
});

describe('a dose on a wrong number', () => {
  const wrong = (more: Partial<LookBackReading>) => lookBack([reading({ dosed: true, ...more })]);

  test('that was not needed at all', () => {
    expect(wrong({}).wrongDoseCount).toBe(1);
  });
  test('needed, but by more than a quarter less: 0.95 of the way to the aim became 0.60', () => {
    expect(wrong({ then: judged(6.6, 'high'), now: judged(6.25, 'high') }).wrongDoseCount).toBe(1);
  });
  test('needed nearly as much: 0.95 of the way became 0.80', () => {
    expect(wrong({ then: judged(6.6, 'high'), now: judged(6.45, 'high') }).wrongDoseCount).toBe(0);
  });
  test('a reading without a dose never counts', () => {
    expect(wrong({ dosed: false }).wrongDoseCount).toBe(0);
  });
});

test('no drift changes nothing, and the order of the readings does not matter', () => {
  const value = fc.double({ min: 4, max: 8, noNaN: true });
  fc.assert(
    fc.property(fc.array(value, { maxLength: 8 }), (values) => {
      const readings = values.map((v, at) =>
        reading({
          id: `r${at}`,
          atMs: at,
          then: judged(v, 'in'),
          now: judged(v, 'in'),
          dosed: false,
        }),
      );
      const result = lookBack(readings);
      expect(result).toMatchObject({ turnedCount: 0, wrongDoseCount: 0 });
      expect(lookBack([...readings].reverse()).rows).toEqual(result.rows);
    }),
  );
});

describe('what would have been right', () => {
  const right = (more: Partial<LookBackReading>) =>
    lookBack([reading({ dosed: true, ...more })]).rows[0]?.rightDose;

  test('half the way to the aim takes half the dose', () => {
    // Aim 5.65: 1.0 above then, 0.5 above in truth.
    expect(right({ then: judged(6.65, 'high'), now: judged(6.15, 'high') })).toEqual({
      kind: 'share',
      share: expect.closeTo(0.5, 9),
    });
  });
  test('where the chemistry of that day is known, its share counts, for the verdict too', () => {
    const misled = { then: judged(6.65, 'high'), now: judged(6.55, 'high'), rightShare: 0.7 };
    expect(right(misled)).toEqual({ kind: 'share', share: 0.7 });
    expect(lookBack([reading({ dosed: true, ...misled })]).wrongDoseCount).toBe(1);
    expect(right({ ...misled, now: judged(6.2, 'in') })).toEqual({ kind: 'nothing' });
  });
  test('in band nothing, on the other side the other way, where it can’t be told unknown', () => {
    expect(right({})).toEqual({ kind: 'nothing' });
    expect(right({ now: judged(5.3, 'low') })).toEqual({ kind: 'otherWay' });
    expect(right({ now: judged(6, 'cantTell') })).toEqual({ kind: 'unknown' });
    expect(right({ dosed: false })).toBeUndefined();
  });
});

test('newest first; of one moment the smaller name first', () => {
  const readings = [
    reading({ id: 'b', atMs: 1 }),
    reading({ id: 'c', atMs: 2 }),
    reading({ id: 'a', atMs: 1 }),
  ];
  expect(lookBack(readings).rows.map(({ id }) => id)).toEqual(['c', 'a', 'b']);
});

test('the share of a dose that was right is the way left over the way it seemed', () => {
  const then = judged(6.6, 'high');
  const rowOf = (more: Partial<LookBackReading>) =>
    lookBack([reading({ dosed: true, then, ...more })]).rows[0]!;
  // (6.2 − 5.65)/(6.6 − 5.65) = 0.5789.
  expect(rowOf({ now: judged(6.2, 'high') }).rightDose).toEqual({
    kind: 'share',
    share: expect.closeTo(0.5789, 4),
  });
  expect(rowOf({ now: judged(6.2, 'high'), rightShare: 0.4 }).rightDose).toMatchObject({
    share: 0.4,
  });
  // Below the aim, yet called high: the other way.
  expect(rowOf({ now: judged(5.6, 'high') }).rightDose).toEqual({ kind: 'otherWay' });
  expect(rowOf({ now: judged(6.2, 'cantTell') }).rightDose).toEqual({ kind: 'unknown' });
  expect(rowOf({ now: judged(5.7, 'in') }).rightDose).toEqual({ kind: 'nothing' });
  // Not needed, or another side: wrong, however alike the amounts.
  expect(rowOf({ now: judged(6.55, 'in'), rightShare: 1 }).doseWrong).toBe(true);
  expect(rowOf({ now: judged(6.55, 'low'), rightShare: 1 }).doseWrong).toBe(true);
  expect(rowOf({ now: judged(6.55, 'high'), rightShare: 1 }).doseWrong).toBe(false);
  expect(rowOf({ now: judged(6.55, 'high'), rightShare: 1.3 }).doseWrong).toBe(true);
  const worst = lookBack([
    reading({ id: 'little', then: judged(6, 'in'), now: judged(6.1, 'in') }),
    reading({ id: 'much', then: judged(6, 'in'), now: judged(6.4, 'in') }),
  ]);
  expect(worst.worst?.id).toBe('much');
  expect(lookBack([]).worst).toBeUndefined();
});

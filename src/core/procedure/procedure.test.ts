import {
  asFoundOnly,
  cupTarget,
  judgeDip,
  nextBenchStep,
  repeatedDips,
  type AdjustedBy,
  type BenchEvent,
  type BenchPlan,
  type Cup,
} from './index';
import { told, seven, plan, read, found } from './testing/sittings';

describe('the order of a two-point sitting', () => {
  test('as found in the 7, then the 4; both good: nothing to adjust', () => {
    expect(nextBenchStep(plan, [])).toMatchObject({
      kind: 'dip',
      phase: 'asFound',
      cup: { id: '7' },
    });
    expect(nextBenchStep(plan, [read('asFound', '7', 7.04)])).toMatchObject({ cup: { id: '4' } });
    expect(nextBenchStep(plan, found(7.04, 4.02))).toEqual({ kind: 'asFoundGood' });
    const done = [...found(7.04, 4.02), { type: 'leave' } as const];
    expect(nextBenchStep(plan, done)).toEqual({ kind: 'finish', outcome: 'inTolerance' });
  });

  test('out of tolerance: adjust 7, adjust 4, confirm in the 7, done in five dips', () => {
    const events: BenchEvent[] = found(7.15, 4.2);
    expect(nextBenchStep(plan, events)).toEqual({ kind: 'asFoundOut' });
    events.push({ type: 'adjust' });
    expect(nextBenchStep(plan, events)).toMatchObject({ phase: 'asLeft', cup: { id: '7' } });
    events.push(read('asLeft', '7', 7.02));
    expect(nextBenchStep(plan, events)).toMatchObject({ phase: 'asLeft', cup: { id: '4' } });
    events.push(read('asLeft', '4', 4.01));
    expect(nextBenchStep(plan, events)).toMatchObject({ phase: 'confirm', cup: { id: '7' } });
    events.push(read('confirm', '7', 7.03));
    expect(nextBenchStep(plan, events)).toEqual({ kind: 'finish', outcome: 'adjusted' });
  });

  test('a missed point can be repeated or accepted; a repeat counts its tries', () => {
    const events: BenchEvent[] = [
      ...found(7.15, 4.2),
      { type: 'adjust' },
      read('asLeft', '7', 7.1),
    ];
    expect(nextBenchStep(plan, events)).toMatchObject({ kind: 'missed', attempt: 1 });
    const again: BenchEvent[] = [...events, { type: 'repeat', phase: 'asLeft', cupId: '7' }];
    expect(nextBenchStep(plan, again)).toMatchObject({ kind: 'dip', phase: 'asLeft', attempt: 2 });
    const accepted: BenchEvent[] = [...events, { type: 'accept', phase: 'asLeft', cupId: '7' }];
    accepted.push(read('asLeft', '4', 4), read('confirm', '7', 7.02));
    expect(nextBenchStep(plan, accepted)).toEqual({ kind: 'finish', outcome: 'adjustedWithMiss' });
  });

  test('an as-found value typed wrongly is called back before anything is decided', () => {
    const events: BenchEvent[] = [
      ...found(9.15, 4.01),
      { type: 'repeat', phase: 'asFound', cupId: '7' },
    ];
    expect(nextBenchStep(plan, events)).toMatchObject({
      kind: 'dip',
      phase: 'asFound',
      attempt: 2,
    });
    expect(nextBenchStep(plan, [...events, read('asFound', '7', 7.01)])).toEqual({
      kind: 'asFoundGood',
    });
  });

  test('left as it is although out: said so; a verify-only probe ends there', () => {
    const out: BenchEvent[] = [...found(7.3, 4.3), { type: 'leave' }];
    expect(nextBenchStep(plan, out)).toEqual({ kind: 'finish', outcome: 'leftOut' });
    const verify = { ...plan, adjustable: false };
    expect(nextBenchStep(verify, found(7.3, 4.3))).toEqual({ kind: 'finish', outcome: 'leftOut' });
  });
});

describe('targets at the cup', () => {
  const target = (at: BenchPlan, cup: Cup) => {
    const result = cupTarget(at, cup);
    return result.ok ? result.value.target : NaN;
  };

  test('the buffer at its temperature, not the number printed large', () => {
    expect(target({ ...plan, tempC: 15 }, seven)).toBeCloseTo(7.04, 9);
    expect(cupTarget({ ...plan, tempC: 55 }, seven).ok).toBe(false);
  });

  test('a pen that stores the nominal is aimed at it and not failed for it', () => {
    const nominal = { ...plan, storesNominal: true, tempC: 12 };
    const borax: Cup = { ...seven, id: '9', buffer: { kind: 'borax-9.18', nominalPh: 9.18 } };
    expect(target(nominal, borax)).toBe(9.18);
    expect(judgeDip(nominal, borax, 'asLeft', 9.18).within).toBe(true);
  });

  test('an EC cup in the scale of the pen, with its own α', () => {
    const ec: BenchPlan = {
      ...plan,
      quantity: 'ec',
      cups: [{ id: 'ec', quantity: 'ec', standard: { nominalMsPerCm: 1.413 }, toleranceRel: 0.01 }],
      tempC: 15,
      resolution: 1,
      asFoundTolerance: 0.03,
      scale: 'µS/cm',
      compensation: { alphaPerC: 0.02, referenceC: 25 },
    };
    expect(target(ec, ec.cups[0]!)).toBeCloseTo(1433.75, 2);
    expect(judgeDip(ec, ec.cups[0]!, 'asFound', 1413).within).toBe(true);
    const check = told(ec, [read('asFound', 'ec', 1376.4)]);
    expect(check?.found[0]?.difference).toBeCloseTo(Math.log(0.96), 5);
    expect(check).toMatchObject({ left: [], adjusted: undefined });
  });
});

describe('what a sitting says of the pen', () => {
  test('as found 7.11 and 4.15 at 20 °C; as left uses the confirming dip', () => {
    const events: BenchEvent[] = [
      ...found(7.11, 4.15),
      { type: 'adjust' },
      read('asLeft', '7', 7.02),
      read('asLeft', '4', 4.0),
      read('confirm', '7', 7.03),
    ];
    const check = told(plan, events);
    // 7.11 in 7.02: 0.09; 4.15 in 4.002: 0.148. Left: the confirming 7.03, and 4.00.
    expect(check?.found.map((dip) => dip.difference)).toEqual([
      expect.closeTo(0.09, 9),
      expect.closeTo(0.148, 9),
    ]);
    expect(check?.left.map((dip) => dip.difference)).toEqual([
      expect.closeTo(0.01, 9),
      expect.closeTo(-0.002, 9),
    ]);
    expect(check?.adjusted).toEqual({ offset: true, gain: true, bend: false });
  });

  test('what is set follows from the pen: a screw the zero, a dial its own, three points in pieces', () => {
    const both: BenchEvent[] = [
      ...found(7.11, 4.15),
      { type: 'adjust' },
      read('asLeft', '7', 7.02),
      read('asLeft', '4', 4.0),
    ];
    const slopeOnly = both.filter(
      (event) => !('cupId' in event && event.cupId === '7' && event.phase === 'asLeft'),
    );
    const set = (events: BenchEvent[], by: AdjustedBy, pieces = false) =>
      told({ ...plan, pieces }, events, { by })?.adjusted;
    expect(set(both, 'screw')).toEqual({ offset: true, gain: false, bend: false });
    expect(set(both, 'dials')).toEqual({ offset: true, gain: true, bend: false });
    expect(set(slopeOnly, 'dials')).toEqual({ offset: false, gain: true, bend: false });
    expect(set(slopeOnly, 'button')).toEqual({ offset: true, gain: false, bend: false });
    expect(set(both, 'button', true)).toEqual({ offset: true, gain: true, bend: false });
  });

  test('a point nobody saw is a dip at what the pen stored, less sure by 0.017', () => {
    const events: BenchEvent[] = [
      ...found(7.11, 4.15),
      { type: 'adjust' },
      { type: 'unseen', phase: 'asLeft', cupId: '7' },
      read('asLeft', '4', 4.0),
    ];
    const [seven, four] = told(plan, events)?.left ?? [];
    expect(seven?.difference).toBeCloseTo(0, 9);
    expect(seven!.variance - four!.variance).toBeCloseTo(0.017 ** 2, 4);
  });

  test('dips repeated at once tell the scatter; after a cleaning or in a fresh portion they do not', () => {
    const repeat = (after?: 'cleaning'): BenchEvent => ({
      type: 'repeat',
      phase: 'asFound',
      cupId: '7',
      after,
    });
    const again = [
      read('asFound', '7', 7.1),
      repeat(),
      read('asFound', '7', 7.12),
      repeat('cleaning'),
      read('asFound', '7', 7.0),
    ];
    expect(repeatedDips(again)).toEqual([[7.1, 7.12]]);
    expect(repeatedDips(found(7.1, 4.1))).toEqual([]);
  });

  test('nothing read says nothing', () => {
    expect(told(plan, [])).toBeUndefined();
  });
});

describe('a pen that ends before its value can be seen', () => {
  const unseen = (cupId: string): BenchEvent => ({ type: 'unseen', phase: 'asLeft', cupId });
  const start: BenchEvent[] = [...found(7.2, 4.2), { type: 'adjust' }];

  test('goes on to the next cup and is judged by a confirming dip in each', () => {
    const events = [...start, unseen('7'), unseen('4')];
    expect(nextBenchStep(plan, start.concat(unseen('7')))).toMatchObject({
      phase: 'asLeft',
      cup: { id: '4' },
    });
    expect(nextBenchStep(plan, events)).toMatchObject({ phase: 'confirm', cup: { id: '7' } });
    const sevenDone = [...events, read('confirm', '7', 7.02)];
    expect(nextBenchStep(plan, sevenDone)).toMatchObject({ phase: 'confirm', cup: { id: '4' } });
    const missed = [...sevenDone, read('confirm', '4', 4.2)];
    expect(nextBenchStep(plan, missed)).toMatchObject({ kind: 'missed', cup: { id: '4' } });
  });
  test('a repeat asks for the point again', () => {
    const again: BenchEvent[] = [
      ...start,
      unseen('7'),
      { type: 'repeat', phase: 'asLeft', cupId: '7', after: 'cleaning' },
    ];
    expect(nextBenchStep(plan, again)).toMatchObject({ phase: 'asLeft', cup: { id: '7' } });
  });
});

test('a quick check reads as found and adjusts nothing, in one cup or in all', () => {
  const quick = asFoundOnly(plan, 'first');
  expect(quick.cups).toHaveLength(1);
  const read7 = (shown: number) => nextBenchStep(quick, [read('asFound', '7', shown)]);
  expect(read7(7.02)).toEqual({ kind: 'asFoundGood' });
  expect(read7(7.3)).toEqual({ kind: 'finish', outcome: 'leftOut' });
  expect(asFoundOnly(plan, 'all').cups).toHaveLength(2);
});

import {
  dialOf,
  isCleanedFirst,
  nextBenchStep,
  soakBefore,
  type BenchEvent,
  type BenchPlan,
  type Cup,
} from './index';
import { told, seven, four, plan, read, found } from './testing/sittings';

describe('a confirmation that misses', () => {
  const dials: BenchPlan = { ...plan, cups: [four, seven] };
  const set: BenchEvent[] = [
    read('asFound', '4', 4.3),
    read('asFound', '7', 7.2),
    { type: 'adjust' },
    read('asLeft', '4', 4.0),
    read('asLeft', '7', 7.02),
  ];
  const anew = (cupId: string): BenchEvent[] => [
    { type: 'repeat', phase: 'confirm', cupId },
    { type: 'repeat', phase: 'asLeft', cupId },
  ];

  test('leads back to setting that point, then to the other, until both hold', () => {
    const missed = [...set, read('confirm', '4', 4.12)];
    expect(nextBenchStep(dials, missed)).toMatchObject({ kind: 'missed', cup: { id: '4' } });
    const again = [...missed, ...anew('4')];
    expect(nextBenchStep(dials, again)).toMatchObject({
      kind: 'dip',
      phase: 'asLeft',
      cup: { id: '4' },
      attempt: 2,
    });
    const reset = [...again, read('asLeft', '4', 4.0)];
    expect(nextBenchStep(dials, reset)).toMatchObject({ phase: 'confirm', cup: { id: '7' } });
    const off = [...reset, read('confirm', '7', 7.1), ...anew('7'), read('asLeft', '7', 7.02)];
    expect(nextBenchStep(dials, off)).toMatchObject({ phase: 'confirm', cup: { id: '4' } });
    const holds = [...off, read('confirm', '4', 4.02)];
    expect(nextBenchStep(dials, holds)).toEqual({ kind: 'finish', outcome: 'adjusted' });
  });

  test('what was confirmed before a point was set anew is dipped again', () => {
    const ten: Cup = {
      ...four,
      id: '10',
      buffer: { kind: 'carbonate-10.01', nominalPh: 10.01 },
    };
    const three: BenchPlan = { ...plan, cups: [seven, four, ten] };
    const events: BenchEvent[] = [
      ...found(7.2, 4.3),
      read('asFound', '10', 10.3),
      { type: 'adjust' },
      read('asLeft', '7', 7.02),
      read('asLeft', '4', 4.0),
      read('asLeft', '10', 10.06),
      read('confirm', '7', 7.2),
      ...anew('7'),
      read('asLeft', '7', 7.02),
      read('confirm', '4', 4.01),
    ];
    expect(nextBenchStep(three, events)).toMatchObject({ phase: 'confirm', cup: { id: '10' } });
    const afterFour = [...events, ...anew('4'), read('asLeft', '4', 4.0)];
    expect(nextBenchStep(three, afterFour)).toMatchObject({ phase: 'confirm', cup: { id: '7' } });
  });
});

describe('a pen that switches itself off', () => {
  const off = (losesPoints: boolean): BenchEvent => ({ type: 'switchedOff', losesPoints, atMs: 0 });
  const half: BenchEvent[] = [...found(7.2, 4.3), { type: 'adjust' }, read('asLeft', '7', 7.02)];

  test('one that loses its points begins again at the first; what was found stays', () => {
    expect(nextBenchStep(plan, [...half, off(true)])).toMatchObject({
      kind: 'dip',
      phase: 'asLeft',
      cup: { id: '7' },
      attempt: 2,
    });
    expect(told(plan, [...half, off(true)])).toMatchObject({ found: [{}, {}], left: [] });
  });

  test('one that keeps them goes on', () => {
    expect(nextBenchStep(plan, [...half, off(false)])).toMatchObject({
      phase: 'asLeft',
      cup: { id: '4' },
    });
  });

  test('before anything was set nothing is lost', () => {
    const found7 = [read('asFound', '7', 7.2), off(true)];
    expect(nextBenchStep(plan, found7)).toMatchObject({ phase: 'asFound', cup: { id: '4' } });
  });
});

test('more than 1 pH off asks for cleaning and a soak before adjusting', () => {
  expect(isCleanedFirst(plan, found(8.05, 4.2))).toBe(true);
  expect(isCleanedFirst(plan, found(7.9, 4.9))).toBe(false);
  expect(isCleanedFirst(plan, [])).toBe(false);
  const young = { farPastAge: false, afterCleaning: true };
  expect(soakBefore({ plan, events: found(8.05, 4.2) }, young)).toBe('farOff');
  expect(soakBefore({ plan, events: found(7.9, 4.9) }, young)).toBeUndefined();
});

test('a probe far past its age is soaked before it is adjusted, once', () => {
  const sitting = { plan, events: found(7.9, 4.9) };
  expect(soakBefore(sitting, { farPastAge: true, afterCleaning: false })).toBe('oldProbe');
  expect(soakBefore(sitting, { farPastAge: true, afterCleaning: true })).toBeUndefined();
});

test('which dial sets a cup follows from its value, not from its place', () => {
  expect([four, seven].map(dialOf)).toEqual(['slope', 'zero']);
  const borax: Cup = { ...seven, buffer: { kind: 'phosphate-6.86', nominalPh: 6.86 } };
  expect(dialOf(borax)).toBe('zero');
  expect(
    dialOf({ id: 'e', quantity: 'ec', standard: { nominalMsPerCm: 1.413 }, toleranceRel: 0.01 }),
  ).toBe('cell');
});

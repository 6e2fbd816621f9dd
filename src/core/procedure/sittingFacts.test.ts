import { checkOf } from './checkOfSitting';
import { cupTarget, withCupTemp } from './benchPlan';
import { dipReading, errorsShown, type BenchEvent } from './benchEvents';
import { isFarPastAge } from './judgeDip';
import { nextBenchStep } from './nextBenchStep';
import { thirdCupPh } from './thirdCup';
import { four, plan, read, seven } from './testing/sittings';

const shown: BenchEvent = { type: 'errorShown', phase: 'asLeft', cupId: '7', text: 'E1', atMs: 5 };

test('an error the pen showed is kept, and changes neither the dip nor the next step', () => {
  const missed = [
    read('asFound', '7', 7.2),
    read('asFound', '4', 4.2),
    { type: 'adjust' as const },
  ];
  const at = nextBenchStep(plan, missed);
  expect(nextBenchStep(plan, [...missed, shown])).toEqual(at);
  // After a reading that missed it does not count as accepting the miss.
  const tried = [...missed, read('asLeft', '7', 7.3)];
  expect(nextBenchStep(plan, [...tried, shown]).kind).toBe('missed');
  expect(dipReading([...tried, shown], 'asLeft', '7').reading?.accepted).toBe(false);
  expect(errorsShown([...tried, shown])).toEqual([shown]);
});

test('a cup of its own temperature has its own target; the others keep theirs', () => {
  // The phosphate of pH 7 is 7.06 at 10 °C, 7.02 at 20 °C.
  const cold = withCupTemp(plan, '7', 10);
  const target = (cup: typeof seven | typeof four) => {
    const at = cupTarget(
      cold,
      cold.cups.find(({ id }) => id === cup.id)!,
    );
    return at.ok ? at.value.target : NaN;
  };
  expect(target(seven)).toBeCloseTo(7.06, 2);
  expect(target(four)).toBeCloseTo(4.0, 2);
  expect(cold.tempC).toBe(20);
});

test('what a pen is found at in a cold cup is judged for that cup', () => {
  const found = (tempC: number | undefined) => {
    const cups = tempC === undefined ? plan : withCupTemp(plan, '7', tempC);
    const events = [read('asFound', '7', 7.06)];
    const sitting = { plan: cups, events, atMs: 0, afterCleaning: false, hasAtc: true };
    return checkOf({ ...sitting, by: 'button' })?.found[0]?.difference;
  };
  expect(found(10)).toBeCloseTo(0, 2);
  expect(found(undefined)).toBeCloseTo(0.04, 2);
});

test('a third buffer where buttons can take one, never twice, never for a screw or dials', () => {
  const two = { family: 'technical' as const, cupsPh: [7, 4.01], adjustable: true, by: 'button' };
  expect(thirdCupPh(two)).toBe(10.01);
  expect(thirdCupPh({ ...two, family: 'sachet', cupsPh: [6.86, 4] })).toBe(9.18);
  expect(thirdCupPh({ ...two, by: 'dials' })).toBeUndefined();
  expect(thirdCupPh({ ...two, cupsPh: [7, 10.01] })).toBeUndefined();
  expect(thirdCupPh({ ...two, cupsPh: [7] })).toBeUndefined();
  expect(thirdCupPh({ ...two, adjustable: false })).toBeUndefined();
});

test('a probe is far past its life after one and a half of it', () => {
  expect([isFarPastAge(547, 365), isFarPastAge(548, 365)]).toEqual([false, true]);
});

import { doubtDip, type BenchPlan, type Cup } from './index';
import { four, plan, seven } from './testing/sittings';

test('4.1 in the 7 is asked to be the 4; 5.5 is a pen far off; 6.6 is believed', () => {
  expect(doubtDip(plan, seven, 4.1)).toMatchObject({ reason: 'otherCup', cup: { id: '4' } });
  expect(doubtDip(plan, seven, 5.5)).toMatchObject({
    reason: 'farOff',
    error: expect.closeTo(-1.52, 9),
  });
  expect(doubtDip(plan, seven, 6.6)).toBeUndefined();
});

/** What this sitting showed in the 7 before. */
const after = (shown: number) => ({
  events: [{ type: 'read', phase: 'asFound', cupId: '7', shown, atMs: 0 }] as const,
  phase: 'asFound' as const,
});

test('the same in both cups is a dead probe; a step short of a fifth counts as the same', () => {
  expect(doubtDip(plan, four, 7, after(7))).toMatchObject({
    reason: 'sameInBoth',
    cup: { id: '7' },
  });
  expect(doubtDip(plan, four, 6.5, after(7))).toMatchObject({ reason: 'sameInBoth' });
  expect(doubtDip(plan, four, 6.3, after(7))).toMatchObject({ reason: 'farOff' });
  // Another phase of the sitting is another story.
  expect(doubtDip(plan, four, 7, { ...after(7), phase: 'asLeft' })).toMatchObject({
    reason: 'otherCup',
  });
});

test('each cup showing the other’s value: they were swapped', () => {
  expect(doubtDip(plan, four, 6.9, after(4.1))).toMatchObject({
    reason: 'swapped',
    cup: { id: '7' },
  });
  expect(doubtDip(plan, four, 4.3, after(7.1))).toBeUndefined();
});

test('adjusted, it shows what another buffer is worth: it took the cup for that one', () => {
  const adjusting = { events: [], phase: 'asLeft' as const };
  // At 20 °C the 6.86 is 6.88 and the 9.18 is 9.22.
  expect(doubtDip(plan, seven, 6.88, adjusting)).toEqual({
    reason: 'takenForOther',
    nominalPh: 6.86,
  });
  expect(doubtDip(plan, seven, 6.86, adjusting)).toMatchObject({ reason: 'takenForOther' });
  const ten: Cup = { ...seven, id: '10', buffer: { kind: 'carbonate-10.01', nominalPh: 10.01 } };
  const three = { ...plan, cups: [seven, four, ten] };
  expect(doubtDip(three, ten, 9.22, adjusting)).toMatchObject({ nominalPh: 9.18 });
  // Read only, or a point that holds, or a plain miss: nothing of the kind.
  expect(doubtDip(plan, seven, 6.88)).toBeUndefined();
  expect(doubtDip(plan, seven, 7.02, adjusting)).toBeUndefined();
  expect(doubtDip(plan, seven, 6.95, adjusting)).toBeUndefined();
});

test('an end of the scale says that nothing was measured', () => {
  expect(doubtDip(plan, seven, 0)).toEqual({ reason: 'endOfScale' });
  expect(doubtDip(plan, seven, 14)).toEqual({ reason: 'endOfScale' });
  expect(doubtDip(plan, seven, 13.9)).toMatchObject({ reason: 'farOff' });
});

test('1413 typed on a mS/cm pen is offered as 1.413', () => {
  const cup: Cup = {
    id: 'e',
    quantity: 'ec',
    standard: { nominalMsPerCm: 1.413 },
    toleranceRel: 0.01,
  };
  const ec: BenchPlan = {
    ...plan,
    quantity: 'ec',
    cups: [cup],
    tempC: 25,
    scale: 'mS/cm',
    compensation: null,
  };
  expect(doubtDip(ec, cup, 1413)).toEqual({ reason: 'otherScale', scale: 'µS/cm', shown: 1.413 });
  expect(doubtDip(ec, cup, 1.3)).toBeUndefined();
  expect(doubtDip(ec, cup, 0.2)).toMatchObject({ reason: 'farOff' });
});

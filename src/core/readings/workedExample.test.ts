import { DAY_MS } from '../units';
import { makePenTrack, stateAsToldThen, stateAt, type PenState } from '../drift';
import { EXAMPLE_EVENTS } from '../drift/testing/workedExample';
import { assess } from './index';

const track = makePenTrack({
  quantity: 'ph',
  accuracy: 0.1,
  repeatStdU: 0.015,
  firstUseMs: 0,
  events: EXAMPLE_EVENTS,
});
const pen = { resolutionPh: 0.01, hasAtc: true } as const;
const read = (shown: number, state: PenState) => {
  const assessed = assess({ quantity: 'ph', shown, tempC: 25, pen, state });
  if (!assessed.ok) throw new Error('a pH is never refused');
  return assessed.value;
};

test.each([
  ['6.10 on day 31, as told then', 6.1, stateAsToldThen(track, 31 * DAY_MS), 6.0344, 0.0971],
  ['6.10 on day 31, as known now', 6.1, stateAt(track, 31 * DAY_MS), 6.0366, 0.0653],
  ['5.80 on day 45, live', 5.8, stateAt(track, 45 * DAY_MS), 5.7042, 0.0803],
])('%s, to four digits', (_, shown, state, value, expandedU) => {
  const { value: found, expandedU: u, budget } = read(shown, state);
  expect(found).toBeCloseTo(value, 4);
  expect(u).toBeCloseTo(expandedU, 4);
  expect(budget.expandedU).toBeCloseTo(expandedU, 4);
});

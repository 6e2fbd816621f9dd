import { DAY_MS } from '../units';
import { daysWithin, dueByDriftMs, knownOf, makePenTrack, stateAt, type PenEvent } from './index';
import { EXAMPLE_EVENTS as EVENTS } from './testing/workedExample';

const trackOf = (events: readonly PenEvent[]) =>
  makePenTrack({ quantity: 'ph', accuracy: 0.1, repeatStdU: 0.015, firstUseMs: 0, events });

const track = trackOf(EVENTS);
const [start, found10, left10, found24, found38] = track.bank.nodes.map((node) =>
  knownOf(track.bank, node),
);

test.each([
  ['day 10, as found', found10!, [0.0609, 0.0187, -0.0365, 0.0087], [0.256, 0.5078, 0.2362]],
  ['day 10, as left', left10!, [0.0003, 0.0191, -0.0003, 0.009], undefined],
  ['day 24', found24!, [0.0473, 0.0188, -0.0035, 0.0107], [0.2694, 0.5294, 0.2012]],
  ['day 38', found38!, [0.0764, 0.0175, -0.0029, 0.0079], [0.351, 0.5588, 0.0903]],
] as const)('known on %s to four digits', (_, known, [a, ua, c, uc], weights) => {
  expect(known.level).toBeCloseTo(a, 4);
  expect(Math.sqrt(known.cov[0]!)).toBeCloseTo(ua, 4);
  expect(known.gain).toBeCloseTo(c, 4);
  expect(Math.sqrt(known.cov[5]!)).toBeCloseTo(uc, 4);
  weights?.forEach((weight, at) => expect(known.weights[at]).toBeCloseTo(weight, 4));
});

test('the jumps expected per day after each check', () => {
  expect(start!.jumpsPerDay).toBeCloseTo(0.5 / 90, 9);
  expect(found10!.jumpsPerDay).toBeCloseTo(0.00545, 5);
  expect(found24!.jumpsPerDay).toBeCloseTo(0.00517, 5);
  expect(found38!.jumpsPerDay).toBeCloseTo(0.00482, 5);
});

test('day 17 is bridged between what was left and what was found', () => {
  const { level, gain, variance } = stateAt(track, 17 * DAY_MS);
  expect(level).toBeCloseTo(0.0274, 4);
  expect(Math.sqrt(variance.level)).toBeCloseTo(0.0238, 4);
  expect(gain).toBeCloseTo(0.0017, 4);
  expect(Math.sqrt(variance.gain)).toBeCloseTo(0.0078, 4);
});

test('within tolerance at pH 6 for nine days after day 10 at ±0.1, for three at ±0.05', () => {
  const within = (tolerance: number) =>
    daysWithin(track, left10!, { lever: -1, tolerance: { low: -tolerance, high: tolerance } });
  expect(within(0.1)).toBe(9);
  expect(within(0.05)).toBe(3);
});

test('a date is offered from the second check on', () => {
  const rule = { lever: -1, tolerance: { low: -0.1, high: 0.1 } };
  expect(dueByDriftMs(trackOf(EVENTS.slice(0, 1)), rule)).toBeUndefined();
  expect(dueByDriftMs(trackOf(EVENTS.slice(0, 2)), rule)).toBeGreaterThan(24 * DAY_MS);
});

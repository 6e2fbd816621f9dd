import { DAY_MS } from '../units';
import type { Dip } from '../calibration';
import { makePenTrack, sameOver, type PenCheck, type PenEvent } from './index';

const dip = (truePh: number, off: number): Dip => ({
  lever: truePh - 7,
  difference: off,
  variance: 1e-5,
  bends: false,
  lot: { key: String(truePh), value: String(truePh), stdU: 0.002 },
});
const found = (day: number, offset: number): PenCheck => ({
  kind: 'check',
  atMs: day * DAY_MS,
  found: [dip(7, offset), dip(4, offset)],
  adjusted: { offset: true, gain: true, bend: false },
  left: [dip(7, 0), dip(4, 0)],
  afterCleaning: false,
});
const trackOf = (events: readonly PenEvent[]) =>
  makePenTrack({ quantity: 'ph', accuracy: 0.1, repeatStdU: 0.015, firstUseMs: 0, events });
const checks = (to: number, offset = 0.03) =>
  Array.from({ length: Math.floor(to / 28) }, (_, at) => found(28 * (at + 1), offset));
const span = (fromDay: number, toDay: number, within = 0.001) => ({
  fromMs: fromDay * DAY_MS,
  toMs: toDay * DAY_MS,
  within,
});

test('a track is the same as itself over any time, and as its own copy', () => {
  const track = trackOf(checks(300));
  expect(sameOver(track, track, span(0, 400, 0))).toBe(true);
  expect(sameOver(track, trackOf(checks(300)), span(0, 400, 0))).toBe(true);
});

test('one more check moves the days before it, and not those of the year before', () => {
  const [before, after] = [trackOf(checks(700)), trackOf([...checks(700), found(710, 0.06)])];
  expect(sameOver(before, after, span(701, 709))).toBe(false);
  expect(sameOver(before, after, span(60, 90))).toBe(true);
});

test('a check put right in the middle of a span is noticed, however long the span', () => {
  const events = checks(700);
  const other = events.map((event, at) => (at === 12 ? found(28 * 13, 0.09) : event));
  expect(sameOver(trackOf(events), trackOf(other), span(0, 700))).toBe(false);
  expect(sameOver(trackOf(events), trackOf(other), span(28 * 12 + 1, 28 * 13 - 1))).toBe(false);
});

test('how near is near is asked: a move within it counts as none', () => {
  const [a, b] = [trackOf(checks(700)), trackOf([...checks(672), found(700, 0.034)])];
  expect(sameOver(a, b, span(600, 699, 1e-6))).toBe(false);
  expect(sameOver(a, b, span(600, 699, 0.05))).toBe(true);
});

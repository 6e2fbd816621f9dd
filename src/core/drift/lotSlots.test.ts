import { DAY_MS } from '../units';
import type { Dip } from '../calibration';
import { makePenTrack, stateAt, type PenCheck } from './index';
import { LotSlots } from './lotSlots';

const dip = (truePh: number, off: number, lot = String(truePh)): Dip => ({
  lever: truePh - 7,
  difference: off,
  variance: 1e-5,
  bends: false,
  lot: { key: lot, value: String(truePh), stdU: 0.0115 },
});
const check = (day: number, found: readonly Dip[]): PenCheck => ({
  kind: 'check',
  atMs: day * DAY_MS,
  found,
  left: [],
  afterCleaning: false,
});
const trackOf = (events: readonly PenCheck[]) =>
  makePenTrack({ quantity: 'ph', accuracy: 0.1, repeatStdU: 0.015, firstUseMs: 0, events });
const levelU = (state: { variance: { level: number } }) => Math.sqrt(state.variance.level);

describe('bottles', () => {
  test('a new bottle of a value takes the place of the old one; both values hold theirs', () => {
    const slots = new LotSlots(['7', '4']);
    const first = slots.place([dip(7, 0, 'A'), dip(4, 0, 'B')], 4);
    expect(first.placed.map(({ slot }) => slot)).toEqual([0, 1]);
    expect(first.restarts.map(({ row }) => row)).toEqual([4, 5]);
    expect(slots.place([dip(7, 0, 'A')], 4).restarts).toEqual([]);
    // B is longest unused.
    const next = slots.place([dip(4, 0, 'C')], 4);
    expect(next.placed[0]?.slot).toBe(1);
    // Where it stood, it is new again.
    expect(slots.place([dip(4, 0, 'B')], 4).restarts).toHaveLength(1);
  });

  test('on a tie it takes its own value’s place, and never one used in the same check', () => {
    const slots = new LotSlots(['7', '4']);
    slots.place([dip(7, 0, 'A'), dip(4, 0, 'B')], 4);
    expect(slots.place([dip(4, 0, 'C')], 4).placed[0]?.slot).toBe(1);
    const both = new LotSlots(['7', '4']);
    both.place([dip(7, 0, 'A'), dip(4, 0, 'B')], 4);
    const { placed } = both.place([dip(7, 0, 'A'), dip(4, 0, 'D')], 4);
    expect(placed.map(({ slot }) => slot)).toEqual([0, 1]);
  });

  test('dips in one bottle do not average its error away; a second bottle does', () => {
    const many = (lot: (at: number) => string) =>
      trackOf(Array.from({ length: 20 }, (_, at) => check(at, [dip(7, 0, lot(at))])));
    const sure = (track: ReturnType<typeof trackOf>) => levelU(stateAt(track, 19 * DAY_MS));
    expect(sure(many(() => 'one'))).toBeGreaterThan(0.01);
    expect(sure(many((at) => `lot ${at}`))).toBeLessThan(0.8 * sure(many(() => 'one')));
    const known = stateAt(
      many(() => 'one'),
      19 * DAY_MS,
    );
    expect(known.standards.level / known.variance.level).toBeGreaterThan(0.4);
  });
});

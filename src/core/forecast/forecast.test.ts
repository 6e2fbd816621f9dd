import { normalDraw, seededRandom } from '../statistics';
import { expectReading, forecastLeaving, isSurprising, tankTrend } from './index';

const DAY_MS = 86_400_000;
const at = (day: number, value: number) => ({ atMs: day * DAY_MS, value, stdU: 0.03 });
const band = { low: 5.5, high: 6.2 };
const rising = [0, 1, 2, 3, 4, 5].map((day) => at(day, 5.8 + 0.05 * day));

describe('leaving the band', () => {
  /* By hand: 6.05 on day 5, 0.05 a day, 0.15 to go: three days, day 8. */
  test('a steady rise of 0.05 a day from 6.05 reaches 6.2 in three days', () => {
    const leaving = forecastLeaving(rising, band, 5 * DAY_MS);
    expect(leaving).toMatchObject({ ok: true, value: { edge: 'high' } });
    expect(leaving.ok && leaving.value.atMs! / DAY_MS).toBeCloseTo(8, 9);
  });

  test('too few readings, or all within a day and a half, are refused with their numbers', () => {
    expect(forecastLeaving(rising.slice(0, 3), band, 0)).toEqual({
      ok: false,
      refusal: { reason: 'tooFewReadings', count: 3, needed: 4 },
    });
    const morning = [0, 0.1, 0.2, 0.3].map((day) => at(day, 5.8));
    expect(forecastLeaving(morning, band, 0)).toMatchObject({
      refusal: { reason: 'tooShort', hours: expect.closeTo(7.2, 6) },
    });
  });

  test('standing still, or outside already, gives no date', () => {
    const still = forecastLeaving(
      [0, 1, 2, 3].map((day) => at(day, 5.9)),
      band,
      3 * DAY_MS,
    );
    expect(still).toMatchObject({ ok: true, value: { edge: 'none' } });
    const outside = forecastLeaving(
      rising.map((p) => ({ ...p, value: p.value + 1 })),
      band,
      0,
    );
    expect(outside.ok && outside.value.atMs).toBeUndefined();
  });

  test('five readings carry no interval, eight do, the true day within (180 of 200 seeds from 50)', () => {
    const noisy = (seed: number, count: number) => {
      const random = seededRandom(seed);
      return Array.from({ length: count }, (_, day) =>
        at(day, 5.6 + 0.05 * day + 0.02 * normalDraw(random)),
      );
    };
    const five = forecastLeaving(noisy(1, 5), band, 4 * DAY_MS);
    expect(five.ok && five.value.earliestMs).toBeUndefined();
    const held = Array.from({ length: 200 }, (_, seed) => {
      const result = forecastLeaving(noisy(50 + seed, 8), band, 7 * DAY_MS);
      if (!result.ok) return false;
      const { earliestMs = 0, latestMs = Infinity } = result.value;
      return earliestMs <= 12 * DAY_MS && latestMs >= 12 * DAY_MS;
    }).filter(Boolean).length;
    expect(held).toBeGreaterThanOrEqual(180);
  });
});

describe('what a tank should show', () => {
  test('a trend is carried on, and 6.9 where 6.1 was expected is worth a question', () => {
    const expected = expectReading(rising, 'ph', 6 * DAY_MS)!;
    expect(expected.basis).toBe('trend');
    expect(expected.value).toBeCloseTo(6.1, 9);
    expect(isSurprising({ value: 6.9, stdU: 0.03 }, expected, 'ph')).toBe(true);
    expect(isSurprising({ value: 6.25, stdU: 0.03 }, expected, 'ph')).toBe(false);
  });

  /* By hand: √(0.03² + (0.15·√4)²) = √(0.0009 + 0.09) = 0.3015. */
  test('from one reading four days ago only that, widened by what a tank moves', () => {
    const expected = expectReading([at(0, 5.8)], 'ph', 4 * DAY_MS)!;
    expect(expected).toMatchObject({ value: 5.8, basis: 'last' });
    expect(expected.stdU).toBeCloseTo(0.3015, 4);
    expect(isSurprising({ value: 6.5, stdU: 0.03 }, expected, 'ph')).toBe(false);
  });

  test('a poor reading surprises less than a good one', () => {
    const expected = expectReading(rising, 'ph', 6 * DAY_MS)!;
    expect(isSurprising({ value: 6.6, stdU: 0.03 }, expected, 'ph')).toBe(true);
    expect(isSurprising({ value: 6.6, stdU: 0.25 }, expected, 'ph')).toBe(false);
  });

  test('without a reading there is nothing to expect; order does not matter', () => {
    expect(expectReading([], 'ec', 0)).toBeUndefined();
    expect(tankTrend([...rising].reverse())).toEqual(tankTrend(rising));
  });
});

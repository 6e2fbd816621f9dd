import { normalDraw, seededRandom } from '../statistics';
import { STILL_SPAN_PH, STILL_WINDOW_MS, fitApproach, judgeStillness } from './index';

/** A value to whole hundredths, as a display shows it. */
const onDisplay = (value: number) => Math.round(100 * value) / 100;

/** A display on its way from 7 to 4.01, one sample a second. */
const dip = (tauS: number, seconds: number, noise = 0, seed = 1) => {
  const random = seededRandom(seed);
  return Array.from({ length: seconds + 1 }, (_, atS) => ({
    atS,
    shown: onDisplay(4.01 + 2.99 * Math.exp(-atS / tauS) + noise * normalDraw(random)),
  }));
};
const policy = { windowMs: STILL_WINDOW_MS, span: STILL_SPAN_PH, resolution: 0.01 };
const live = (samples: { atS: number; shown: number }[]) =>
  samples.map(({ atS, shown }) => ({ atMs: 1000 * atS, shown }));

test('end value and response time are found from the first minute', () => {
  const fit = fitApproach(dip(20, 60), 0.01);
  if (!fit.ok) throw new Error('expected a fit');
  expect(fit.value.endValue).toBeCloseTo(4.01, 2);
  expect(fit.value.tauS).toBeGreaterThan(19);
  expect(fit.value.tauS).toBeLessThan(21);
});

test('the stated errors hold the truth about 95 times in 100 (200 seeds, noise of one digit)', () => {
  const fits = Array.from({ length: 200 }, (_, seed) => fitApproach(dip(25, 60, 0.01, seed), 0.01));
  const held = fits.filter(
    (fit) =>
      fit.ok &&
      Math.abs(fit.value.endValue - 4.01) <= 2 * fit.value.endStdU &&
      Math.abs(fit.value.tauS - 25) <= 2 * fit.value.tauStdUS,
  ).length;
  expect(held).toBeGreaterThanOrEqual(178);
});

test('no fit under four digits of movement, under five samples, or before it bends', () => {
  const calm = [0, 10, 20, 30, 40].map((atS) => ({ atS, shown: atS < 20 ? 7.02 : 7.0 }));
  expect(fitApproach(calm, 0.01)).toMatchObject({
    refusal: { reason: 'littleMovement', digits: 2 },
  });
  expect(fitApproach(calm.slice(0, 3), 0.01)).toMatchObject({
    refusal: { reason: 'tooFewSamples' },
  });
  const straight = Array.from({ length: 20 }, (_, atS) => ({ atS, shown: 7 - 0.05 * atS }));
  expect(fitApproach(straight, 0.01)).toMatchObject({ refusal: { reason: 'noEnd' } });
});

describe('the word', () => {
  test('moving, then still', () => {
    expect(judgeStillness(live(dip(10, 40)), policy).word).toBe('moving');
    expect(judgeStillness(live(dip(10, 120)), policy).word).toBe('still');
  });

  /* τ = 400 s: after 1100 s it moves 0.013 in 30 s, yet still has 0.19 to go. */
  test('a very slow probe passes the window while far from its end: slow', () => {
    const state = judgeStillness(live(dip(400, 1100)), policy);
    expect(state.word).toBe('slow');
    expect(state.fit.ok && state.fit.value.endValue).toBeCloseTo(4.01, 1);
  });

  test('tapped values every ten seconds serve as well as live ones', () => {
    const tapped = live(dip(12, 140)).filter((_, at) => at % 10 === 0);
    expect(judgeStillness(tapped, policy).word).toBe('still');
  });
});

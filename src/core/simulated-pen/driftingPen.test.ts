import { seededRandom } from '../statistics';
import { displayedEc, displayedPh, onDisplay } from './index';

const off = { ph: { offsetPh: 0.3, gain: 0.95 }, ecGain: 0.9 };

test('a display shows whole digits', () => {
  expect(onDisplay(6.127, 0.01)).toBe(6.13);
  expect(onDisplay(6.127, 0.1)).toBe(6.1);
  expect(onDisplay(1463, 10)).toBe(1460);
});

test('many dips of a drifted pen average to its hidden error', () => {
  const random = seededRandom(11);
  const dips = Array.from({ length: 500 }, () =>
    displayedPh(6, off, { resolutionPh: 0.01, random }),
  );
  const mean = dips.reduce((sum, d) => sum + d, 0) / dips.length;
  // 7 + 0.3 + 0.95·(6 − 7) = 6.35.
  expect(mean).toBeCloseTo(6.35, 2);
  const ec = Array.from({ length: 500 }, () => displayedEc(2, off, { resolution: 0.01, random }));
  expect(ec.reduce((sum, d) => sum + d, 0) / ec.length).toBeCloseTo(1.8, 2);
});

test('the same seed shows the same', () => {
  const run = () => displayedPh(6, off, { resolutionPh: 0.01, random: seededRandom(3) });
  expect(run()).toBe(run());
});

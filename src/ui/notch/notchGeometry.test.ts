import fc from 'fast-check';
import type { Verdict } from '@/core/verdict';
import { hatch, notchGeometry } from './notchGeometry';

const band = { low: 5.5, high: 6.5 };
const draw = (value: number, verdict: Verdict, expandedU = 0.08) =>
  notchGeometry({ width: 200, size: 'row', band, reading: { value, expandedU, verdict } });

test('in band the peg stands in the recess; otherwise it does not', () => {
  const inside = draw(6, 'in');
  expect(inside.peg?.bottom).toBe(inside.floor);
  for (const verdict of ['low', 'probablyLow', 'probablyIn', 'high'] as Verdict[]) {
    const out = draw(5.4, verdict);
    expect(out.peg?.bottom).toBe(out.barTop);
  }
});

test('can’t tell lies across the whole recess', () => {
  const across = draw(6, 'cantTell', 0.6);
  expect(across.peg!.left).toBeLessThan(across.notch.left);
  expect(across.peg!.right).toBeGreaterThan(across.notch.right);
});

test('the middle of the band is the middle of the bar, its ends are the recess’s edges', () => {
  expect(draw(6, 'in').peg?.at).toBeCloseTo(100, 6);
  expect(draw(5.5, 'probablyLow').peg?.at).toBeCloseTo(50, 6);
});

test('a value far off stays on the bar and is marked as beyond', () => {
  const far = draw(3, 'low');
  expect(far.peg!.left).toBeGreaterThanOrEqual(0);
  expect(far.beyond).toBe('left');
  expect(draw(9, 'high').beyond).toBe('right');
});

test('no peg leaves the drawing, whatever the value and the ±', () => {
  const value = fc.double({ min: 0, max: 14, noNaN: true });
  const u = fc.double({ min: 0.001, max: 3, noNaN: true });
  const verdict = fc.constantFrom<Verdict>('in', 'low', 'high', 'probablyIn', 'cantTell');
  fc.assert(
    fc.property(value, u, verdict, (x, expandedU, v) => {
      const { peg } = draw(x, v, expandedU);
      expect(peg!.left).toBeGreaterThanOrEqual(0);
      expect(peg!.right).toBeLessThanOrEqual(200);
      expect(peg!.top).toBeGreaterThanOrEqual(0);
    }),
  );
});

test('hatching stays inside its box', () => {
  const numbers = hatch({ left: 10, right: 30, top: 5, bottom: 20 }, 5)
    .match(/[\d.]+/g)!
    .map(Number);
  numbers.forEach((n, at) => {
    expect(n).toBeGreaterThanOrEqual(at % 2 === 0 ? 10 : 5);
    expect(n).toBeLessThanOrEqual(at % 2 === 0 ? 30 : 20);
  });
});

test('where it was taken to be is marked, on the bar even if far off', () => {
  const was = (wasValue: number) => notchGeometry({ width: 200, size: 'line', band, wasValue }).was;
  expect(was(6.5)).toBeCloseTo(150, 6);
  expect(was(12)).toBeLessThan(200);
  expect(draw(6, 'in').was).toBeUndefined();
});

test('an empty notch has no peg', () => {
  expect(notchGeometry({ width: 100, size: 'line', band }).peg).toBeUndefined();
});

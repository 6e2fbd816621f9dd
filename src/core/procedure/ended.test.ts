import { outcomeSoFar, remedyAfter, type BenchEvent } from './index';
import { found, plan, read } from './testing/sittings';

describe('a sitting that is ended where it stands', () => {
  test('is what was found: in tolerance, or left out of it', () => {
    expect(outcomeSoFar(plan, found(7.02, 4.01))).toBe('inTolerance');
    expect(outcomeSoFar(plan, found(7.3, 4.01))).toBe('leftOut');
  });

  test('a cup that was not read tells nothing against it', () => {
    expect(outcomeSoFar(plan, [read('asFound', '7', 7.02)])).toBe('inTolerance');
    expect(outcomeSoFar(plan, [read('asFound', '7', 7.3)])).toBe('leftOut');
  });

  test('half an adjustment is not claimed, a whole one is', () => {
    const half: BenchEvent[] = [...found(7.3, 4.3), { type: 'adjust' }, read('asLeft', '7', 7.02)];
    expect(outcomeSoFar(plan, half)).toBe('leftOut');
    const whole = [...half, read('asLeft', '4', 4.01), read('confirm', '7', 7.02)];
    expect(outcomeSoFar(plan, whole)).toBe('adjusted');
  });
});

test('misses are met by once more, cleaning, a fresh portion, then nothing more', () => {
  expect([1, 2, 3, 4, 9].map(remedyAfter)).toEqual([
    'none',
    'cleaning',
    'freshPortion',
    'none',
    'none',
  ]);
});

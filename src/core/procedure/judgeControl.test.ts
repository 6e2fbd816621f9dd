import { judgeControl } from './index';

test('from five readings on it is compared', () => {
  expect(judgeControl([])).toEqual({ kind: 'none' });
  expect(judgeControl([0.02])).toEqual({ kind: 'tooFew', error: 0.02 });
  expect(judgeControl([0, 0, 0, 0.02])).toMatchObject({ kind: 'tooFew' });
  expect(judgeControl([0, 0, 0, 0, 0.02])).toMatchObject({ kind: 'usual', spread: 0.01 });
});

test('beyond three of its usual deviations it has moved; by hand', () => {
  // Mean 0.02, deviations ∓0.02: s = √(4·0.0004/3) = 0.0231, three of them 0.0693.
  const before = [0, 0.04, 0, 0.04];
  expect(judgeControl([...before, 0.089])).toMatchObject({
    kind: 'usual',
    mean: expect.closeTo(0.02, 9),
    spread: expect.closeTo(0.0231, 4),
  });
  expect(judgeControl([...before, 0.09])).toMatchObject({ kind: 'moved', error: 0.09 });
  expect(judgeControl([...before, -0.05])).toMatchObject({ kind: 'moved' });
});

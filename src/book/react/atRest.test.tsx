import { fireEvent } from '@testing-library/react';
import { watchHand, whenAtRest } from './atRest';

beforeEach(() => {
  jest.useFakeTimers();
  watchHand();
  jest.advanceTimersByTime(10_000);
});
afterEach(() => jest.useRealTimers());

test('while the hand rests it is done at once', () => {
  const done = jest.fn();
  whenAtRest(done);
  expect(done).toHaveBeenCalledTimes(1);
});

test('under a press it waits until the hand has left and rested', () => {
  const done = jest.fn();
  fireEvent.pointerDown(window);
  whenAtRest(done);
  jest.advanceTimersByTime(5000);
  expect(done).not.toHaveBeenCalled();
  fireEvent.pointerUp(window);
  jest.advanceTimersByTime(500);
  expect(done).not.toHaveBeenCalled();
  jest.advanceTimersByTime(300);
  expect(done).toHaveBeenCalledTimes(1);
});

test('a hand on its way counts; what is forgotten is not done', () => {
  const done = jest.fn();
  fireEvent.pointerMove(window);
  const forget = whenAtRest(done);
  forget();
  jest.advanceTimersByTime(5000);
  expect(done).not.toHaveBeenCalled();
});

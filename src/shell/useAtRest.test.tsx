import { act, fireEvent, renderHook } from '@testing-library/react';
import { useAtRest } from './useAtRest';

const steps = (ms: number) => act(() => jest.advanceTimersByTime(ms));

function line() {
  return renderHook(({ said }: { said: string | undefined }) => useAtRest(said), {
    initialProps: { said: 'Saved' as string | undefined },
  });
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('while the hand rests it goes at once, and a new one stands at once', () => {
  const { result, rerender } = line();
  steps(2000);
  rerender({ said: undefined });
  expect(result.current).toBeUndefined();
  rerender({ said: 'Moved' });
  expect(result.current).toBe('Moved');
});

test('under a press it stays, until the hand has left and rested', () => {
  const { result, rerender } = line();
  fireEvent.pointerDown(window);
  rerender({ said: undefined });
  steps(5000);
  expect(result.current).toBe('Saved');
  fireEvent.pointerUp(window);
  steps(500);
  expect(result.current).toBe('Saved');
  steps(300);
  expect(result.current).toBeUndefined();
});

test('a hand on its way counts; what comes meanwhile takes its place', () => {
  const { result, rerender } = line();
  fireEvent.pointerMove(window);
  rerender({ said: undefined });
  expect(result.current).toBe('Saved');
  rerender({ said: 'Moved' });
  expect(result.current).toBe('Moved');
  steps(2000);
  expect(result.current).toBe('Moved');
});

import { renderHook } from '@testing-library/react';
import type { View } from 'react-native';
import { useStillUnderThumb } from './useStillUnderThumb';

/** What stands over a screen, so many pixels high. */
function over(heightPx: number) {
  const element = document.createElement('div');
  Object.defineProperty(element, 'offsetHeight', { get: () => heightPx });
  const { unmount } = renderHook(() => useStillUnderThumb({ current: element as unknown as View }));
  return { style: element.style, unmount };
}
const tell = (what: string) => document.dispatchEvent(new Event(what));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('nothing over a screen grows while a thumb is down; it does once the press was heard', () => {
  const { style, unmount } = over(0);
  expect(style.height).toBe('');
  tell('pointerdown');
  expect([style.height, style.overflow]).toEqual(['0px', 'hidden']);
  tell('pointerup');
  expect(style.height).toBe('0px');
  jest.advanceTimersByTime(100);
  expect([style.height, style.overflow]).toEqual(['', '']);
  unmount();
});

test('a thumb that slid off the window holds nothing for ever', () => {
  const { style, unmount } = over(48);
  tell('pointerdown');
  jest.advanceTimersByTime(1900);
  expect(style.height).toBe('48px');
  jest.advanceTimersByTime(100);
  expect(style.height).toBe('');
  unmount();
});

test('a second thumb within the moment holds on, and a press that is broken off lets go', () => {
  const { style, unmount } = over(48);
  tell('pointerdown');
  tell('pointerup');
  jest.advanceTimersByTime(60);
  tell('pointerdown');
  jest.advanceTimersByTime(500);
  expect(style.height).toBe('48px');
  tell('pointercancel');
  jest.advanceTimersByTime(100);
  expect(style.height).toBe('');
  tell('pointerdown');
  unmount();
  expect(style.height).toBe('');
  tell('pointerdown');
  expect(style.height).toBe('');
});

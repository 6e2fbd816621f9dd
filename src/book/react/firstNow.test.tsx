import { firstNowMs, PAGE_BEGAN_MS } from './hooks';

test('the first screens share one now, until somebody presses anything', () => {
  jest.useFakeTimers({ now: PAGE_BEGAN_MS + 1000 });
  expect(firstNowMs()).toBe(PAGE_BEGAN_MS);
  // Later, and where the clock was set back, it is now.
  jest.setSystemTime(PAGE_BEGAN_MS + 3001);
  expect(firstNowMs()).toBe(PAGE_BEGAN_MS + 3001);
  jest.setSystemTime(PAGE_BEGAN_MS - 1);
  expect(firstNowMs()).toBe(PAGE_BEGAN_MS - 1);
  jest.setSystemTime(PAGE_BEGAN_MS + 1000);
  window.dispatchEvent(new Event('pointerdown'));
  expect(firstNowMs()).toBe(PAGE_BEGAN_MS + 1000);
  jest.useRealTimers();
});

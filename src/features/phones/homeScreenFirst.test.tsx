import { render, screen } from '@testing-library/react';
import { HomeScreenFirst } from './HomeScreenFirst';

const standing = (standalone: boolean | undefined) => {
  if (standalone === undefined) Reflect.deleteProperty(navigator, 'standalone');
  else Object.defineProperty(navigator, 'standalone', { value: standalone, configurable: true });
  window.matchMedia = () => ({ matches: false }) as MediaQueryList;
};
afterEach(() => standing(undefined));

test('where the installed app has a storage of its own that is said before the first record', () => {
  standing(false);
  render(<HomeScreenFirst />);
  expect(
    screen.getByRole('heading', { name: 'First onto the home screen, then write' }),
  ).toBeTruthy();
  expect(screen.getByText(/^1\. Press Share/)).toBeTruthy();
});

test.each([
  ['in the installed app', true],
  ['on every other kind of phone', undefined],
])('nothing is said %s', (_, standalone) => {
  standing(standalone);
  render(<HomeScreenFirst />);
  expect(screen.queryByRole('heading')).toBeNull();
});

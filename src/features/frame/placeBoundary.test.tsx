import { fireEvent, render, screen } from '@testing-library/react';
import { troubles } from '@/trouble';
import { LeftOutIfBroken, PlaceBoundary } from './PlaceBoundary';

let mockPath = '/tanks';
jest.mock('expo-router', () => ({ usePathname: () => mockPath }));

let broken = true;
function Screen({ name }: { readonly name: string }) {
  if (broken && name === 'Tanks') throw new Error('boom');
  return <p>{name}</p>;
}

const shown = () => (
  <PlaceBoundary>
    <Screen name={mockPath === '/tanks' ? 'Tanks' : 'Pens'} />
  </PlaceBoundary>
);

beforeEach(() => {
  mockPath = '/tanks';
  broken = true;
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  jest.restoreAllMocks();
});

test('what breaks is said in its place and noted; another place works; trying again brings it back', () => {
  const { rerender } = render(shown());
  expect(screen.getByRole('alert').textContent).toContain('This screen broke.');
  expect(screen.getByRole('alert').textContent).toContain('the other places work');
  expect(troubles().at(-1)).toMatchObject({ about: 'screen /tanks', message: 'Error: boom' });
  mockPath = '/pens';
  rerender(shown());
  expect(screen.getByText('Pens')).toBeTruthy();
  mockPath = '/tanks';
  rerender(shown());
  broken = false;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(screen.getByText('Tanks')).toBeTruthy();
});

test('a part that breaks is left out, the rest stands', () => {
  render(
    <>
      <LeftOutIfBroken about="timers">
        <Screen name="Tanks" />
      </LeftOutIfBroken>
      <p>the rest</p>
    </>,
  );
  expect(screen.queryByText('Tanks')).toBeNull();
  expect(screen.getByText('the rest')).toBeTruthy();
});

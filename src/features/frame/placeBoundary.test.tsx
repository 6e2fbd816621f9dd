import { fireEvent, render, screen } from '@testing-library/react';
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { Component, type ReactNode } from 'react';
import { troubles } from '@/trouble';
import { LeftOutIfBroken, ScreenBroken } from './PlaceBoundary';

jest.mock('expo-router', () => ({ usePathname: () => '/tanks' }));

/** Catches as the router does: round each screen, by itself. */
class Round extends Component<{ readonly children: ReactNode }, { readonly error?: Error }> {
  override state: { readonly error?: Error } = {};
  static getDerivedStateFromError(error: Error) {
    return { error };
  }
  override render() {
    const retry = async () => this.setState({ error: undefined });
    const { error } = this.state;
    return error ? <ScreenBroken error={error} retry={retry} /> : this.props.children;
  }
}

let broken = true;
const ask = jest.fn(async () => {
  if (broken) throw new Error('boom');
  return 'Tanks';
});

function Tanks() {
  const { data } = useQuery({
    queryKey: ['tanks'],
    queryFn: ask,
    throwOnError: true,
    retry: false,
    staleTime: Infinity,
  });
  return <p>{data ?? 'asking'}</p>;
}

beforeEach(() => {
  broken = true;
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  jest.restoreAllMocks();
});

test('an answer that fails is said in its place and noted; trying again asks again', async () => {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Round>
        <Tanks />
      </Round>
      <p>the other places</p>
    </QueryClientProvider>,
  );
  const alert = await screen.findByRole('alert');
  expect(alert.textContent).toContain('This screen broke.');
  expect(alert.textContent).toContain('boom');
  expect(screen.getByText('the other places')).toBeTruthy();
  expect(troubles().at(-1)).toMatchObject({ about: 'screen /tanks', message: 'Error: boom' });
  broken = false;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText('Tanks')).toBeTruthy();
  expect(ask).toHaveBeenCalledTimes(2);
});

test('a screen that could not be loaded is told apart from one that broke', () => {
  const error = new Error('Loading module /x-1.js failed.');
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ScreenBroken error={error} retry={async () => undefined} />
    </QueryClientProvider>,
  );
  expect(screen.getByRole('alert').textContent).toContain('could not be loaded yet');
});

function Breaks(): ReactNode {
  throw new Error('boom');
}

test('a part that breaks is left out, the rest stands', () => {
  render(
    <>
      <LeftOutIfBroken about="timers">
        <Breaks />
      </LeftOutIfBroken>
      <p>the rest</p>
    </>,
  );
  expect(screen.getByText('the rest')).toBeTruthy();
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a screen that could not be loaded shows no address of a file', () => {
  const error = new Error(
    'Loading module http://10.0.0.2:4173/_expo/static/js/web/read-0a.js failed',
  );
  render(<ScreenBroken error={error} retry={async () => undefined} />);
  expect(screen.getByText('This screen could not be loaded yet.')).toBeTruthy();
  expect(document.body.textContent).not.toMatch(/_expo|10\.0\.0\.2|\.js/);
});

test('a screen that broke says what went wrong without addresses', () => {
  const error = new Error('no dips in http://10.0.0.2:4173/_expo/static/js/web/read-0a.js');
  render(<ScreenBroken error={error} retry={async () => undefined} />);
  expect(screen.getByText(/no dips in/)).toBeTruthy();
  expect(document.body.textContent).not.toContain('10.0.0.2');
});

import { act, fireEvent, render, screen } from '@testing-library/react';
import type { BookClient, Opened } from '../client';
import { BookProvider, useBook } from './BookProvider';

const device = { deviceId: 'phone', initials: '', theme: 'day', textScale: 1 };
const openedAs = (lasting: boolean) => ({ book: 'demo', device, lasting }) as unknown as Opened;

let answer: (opened: Opened) => void = () => undefined;
let fail: (error: Error) => void = () => undefined;
const mockAsked = () =>
  new Promise<Opened>((resolve, reject) => {
    answer = resolve;
    fail = reject;
  });

jest.mock('./firstOpening', () => ({
  firstOpening: () => ({ client: {} as BookClient, asked: mockAsked() }),
  askToOpen: () => Promise.resolve(openedAs(false)),
}));

function Kept() {
  return <>{useBook().opened.lasting ? 'kept' : 'in memory'}</>;
}

const page = () =>
  render(
    <BookProvider
      start="demo"
      opening={(goOnInMemory) => <button onClick={goOnInMemory}>go on</button>}
      failed={({ message }) => <>failed: {message}</>}
    >
      <Kept />
    </BookProvider>,
  );

test('a book that opens is shown', async () => {
  page();
  await act(async () => answer(openedAs(true)));
  expect(screen.getByText('kept')).toBeTruthy();
});

test('an opening that fails says why', async () => {
  page();
  await act(async () => fail(new Error('no storage')));
  expect(screen.getByText('failed: no storage')).toBeTruthy();
});

test.each([
  ['opens', () => answer(openedAs(true))],
  ['fails', () => fail(new Error('no storage'))],
])('one that %s after the grower went on in memory changes nothing', async (_, late) => {
  page();
  await act(async () => fireEvent.click(screen.getByText('go on')));
  expect(screen.getByText('in memory')).toBeTruthy();
  await act(async () => late());
  expect(screen.getByText('in memory')).toBeTruthy();
});

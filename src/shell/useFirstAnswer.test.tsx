import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render } from '@testing-library/react';
import type { BookClient } from '@/book/client';
import type { Question } from '@/book/react';
import { dropFirstFrame } from '@/ui/firstFrame';
import { useFirstAnswer } from './useFirstAnswer';

jest.mock('@/book/react/BookProvider', () => ({ useBook: () => ({ client: {} as BookClient }) }));

const question: Question<string> = {
  key: ['round'],
  of: 'all',
  moving: 7,
  ask: () => new Promise(() => undefined),
};

/** What a screen showed, drawing by drawing. */
function drawn() {
  const shown: (string | undefined)[] = [];
  function Screen() {
    const { data } = useFirstAnswer(question);
    shown.push(data);
    return <p>{data}</p>;
  }
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  const draw = () =>
    render(
      <QueryClientProvider client={queries}>
        <Screen />
      </QueryClientProvider>,
    );
  return { shown, draw, answer: () => queries.setQueryData(['round', 7], 'the Round') };
}

afterEach(() => {
  document.body.innerHTML = '';
});

test('under the frame an answer that is there is drawn at once, one that comes as soon as it is there', async () => {
  document.body.innerHTML = '<div id="frame"></div>';
  const there = drawn();
  there.answer();
  there.draw();
  expect(there.shown[0]).toBe('the Round');
  document.body.innerHTML = '<div id="frame"></div>';
  const comes = drawn();
  comes.draw();
  const before = comes.shown.length;
  await act(async () => {
    comes.answer();
    await new Promise((resolve) => setTimeout(resolve));
  });
  expect(comes.shown.slice(0, before)).not.toContain('the Round');
  expect(comes.shown[before]).toBe('the Round');
  // The frame goes with the first screen: what was drawn stays.
  await act(async () => dropFirstFrame());
  expect(comes.shown.at(-1)).toBe('the Round');
});

test('without the frame a first answer is drawn after what surrounds it', () => {
  const later = drawn();
  later.answer();
  later.draw();
  expect(later.shown[0]).toBeUndefined();
  expect(later.shown.at(-1)).toBe('the Round');
});

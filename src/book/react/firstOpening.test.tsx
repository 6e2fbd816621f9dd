import type { BookClient } from '../client';
import { askToOpen, beginOpening } from './firstOpening';
import { queryClient, queryOf } from './queries';
import type { Question } from './questions';

const asked: string[] = [];
const ahead: Question<unknown> = {
  key: ['round'],
  of: 'all',
  moving: 7,
  ask: () => {
    asked.push('round');
    return Promise.resolve('the Round');
  },
};
const clientThat = (open: () => Promise<unknown>) => {
  const how: unknown[] = [];
  const client = {
    open: (...given: unknown[]) => {
      how.push(given[0]);
      return open();
    },
  } as unknown as BookClient;
  return { how, client };
};
const settled = () => new Promise((resolve) => setTimeout(resolve));

beforeEach(() => {
  asked.length = 0;
  queryClient.clear();
});

test('what is asked ahead is asked with the opening, and there for the screen', async () => {
  const { how, client } = clientThat(() => Promise.resolve({ book: 'own' }));
  const opening = beginOpening(client, 'own', [ahead]);
  expect(how).toEqual([{ start: 'own', inMemory: false, hadBook: false }]);
  expect(asked).toEqual(['round']);
  expect(await opening.asked).toEqual({ book: 'own' });
  await settled();
  expect(opening.opened).toEqual({ book: 'own' });
  expect(asked).toEqual(['round']);
  expect(queryClient.getQueryData(['round', 7])).toBe('the Round');
});

test('an opening that fails is heard by who draws the screen; another one asks anew', async () => {
  const { client } = clientThat(() => Promise.reject(new Error('no storage')));
  const never: Question<unknown> = { ...ahead, ask: () => new Promise(() => undefined) };
  const opening = beginOpening(client, 'own', [never]);
  await settled();
  await expect(opening.asked).rejects.toThrow('no storage');
  expect(opening.opened).toBeUndefined();
  const { client: next } = clientThat(() => Promise.resolve({ book: 'own' }));
  await askToOpen(next, { start: 'own', inMemory: true });
  await queryClient.prefetchQuery(queryOf(ahead, next));
  expect(queryClient.getQueryData(['round', 7])).toBe('the Round');
});

import type { BookClient } from '../client';
import { beginOpening } from './firstOpening';
import { queryClient } from './queries';
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

test('what is asked ahead is asked once the book is open, and there for the screen', async () => {
  const { how, client } = clientThat(() => Promise.resolve({ book: 'own' }));
  const opening = beginOpening(client, 'own', [ahead]);
  expect(how).toEqual([{ start: 'own', inMemory: false, hadBook: false }]);
  expect(asked).toEqual([]);
  expect(await opening.asked).toEqual({ book: 'own' });
  await settled();
  expect(opening.opened).toEqual({ book: 'own' });
  expect(asked).toEqual(['round']);
  expect(queryClient.getQueryData(['round', 7])).toBe('the Round');
});

test('an opening that fails asks nothing ahead; who draws the screen hears of it', async () => {
  const { client } = clientThat(() => Promise.reject(new Error('no storage')));
  const opening = beginOpening(client, 'own', [ahead]);
  await settled();
  await expect(opening.asked).rejects.toThrow('no storage');
  expect([opening.opened, asked]).toEqual([undefined, []]);
});

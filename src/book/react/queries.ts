import { QueryClient } from '@tanstack/react-query';
import type { Kind } from '@/records/kinds';
import type { BookClient } from '../client';
import { bearsOn, type Question } from './questions';

/** The answers of the book that this page holds. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      retry: false,
      staleTime: Infinity,
      refetchOnWindowFocus: false,
    },
    mutations: { networkMode: 'always', retry: false },
  },
});

/** A question as it is put to the book, and kept. */
export const queryOf = <T>({ key, of, ask, moving }: Question<T>, client: BookClient) => ({
  queryKey: [key.join('/'), moving] as const,
  queryFn: () => ask(client),
  meta: { of },
});

/**
 * Asks anew what a change bears on: the questions of the kinds that changed, every one where no kind is
 * named (the book was read anew, or was emptied).
 */
export const askAnew = (kinds: readonly Kind[] = []) =>
  queryClient.invalidateQueries({ predicate: ({ meta }) => bearsOn(kinds, meta?.of) });

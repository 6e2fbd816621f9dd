import { MINUTE_MS } from '@/core/units';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useRef, useState } from 'react';
import type { Kind } from '@/records';
import type { BookClient } from '../client';
import { useBook } from './BookProvider';
import { queryOf } from './queries';
import { questions, type Question } from './questions';

/** When the app's script was read, epoch ms: what the first screens call now. */
export const PAGE_BEGAN_MS = Date.now();

/** So long now is when the page began, ms: what was asked ahead is what the first screens ask. */
const BEGINNING_MS = 3000;

/** Whether nobody pressed anything yet: what is done by a press is never later than the now after it. */
let untouched = true;
for (const press of ['pointerdown', 'keydown'])
  globalThis.addEventListener?.(
    press,
    () => {
      untouched = false;
    },
    { capture: true, once: true },
  );

/** Now, epoch ms; while the page begins, the moment it began. */
export function firstNowMs(): number {
  const nowMs = Date.now();
  const since = nowMs - PAGE_BEGAN_MS;
  return untouched && since >= 0 && since < BEGINNING_MS ? PAGE_BEGAN_MS : nowMs;
}

/** The time, refreshed each minute: states and ages follow it. */
export function useNowMs(everyMs = MINUTE_MS): number {
  const [nowMs, setNowMs] = useState(firstNowMs);
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return nowMs;
}

/** Keeps the last answer on screen while the next one to the same question comes. */
function keepSame(about: string) {
  return <T>(last: T | undefined, query?: { readonly queryKey: readonly unknown[] }) =>
    query?.queryKey[0] === about ? last : undefined;
}

/**
 * Asks the book; the answer is kept until the book changes. While the next answer to the same question
 * comes, the last one stays on screen. Another key starts empty: one tank's numbers never stand under
 * another's name. `atOnce`: the first answer is drawn in one go, the same for as long as the screen stands.
 */
export function useAnswer<T>(question: Question<T>, atOnce = false) {
  const { client } = useBook();
  const query = queryOf(question, client);
  const { data } = useQuery({
    ...query,
    placeholderData: keepSame(query.queryKey[0]),
    // An answer that fails reaches the nearest boundary: its place says so, the rest goes on.
    throwOnError: true,
  });
  // The first answer is drawn a slice at a time, so that a large screen never holds up a press.
  const here = useDeferredValue(data !== undefined, false);
  return { data: here || atOnce ? data : undefined };
}

/** Every live record of a kind as it stands. */
export function useRows<K extends Kind>(kind: K) {
  return useAnswer(questions.rows(kind));
}

/** Asks the book once when a screen opens; later changes do not move the answer. */
export function useAskOnce<T>(ask: (client: BookClient) => Promise<T>): T | undefined {
  const { client } = useBook();
  const [answer, setAnswer] = useState<T>();
  const [failure, setFailure] = useState<unknown>();
  const first = useRef(ask);
  useEffect(() => {
    let gone = false;
    first.current(client).then(
      (found) => {
        if (!gone) setAnswer(() => found);
      },
      (error: unknown) => {
        if (!gone) setFailure(error ?? new Error('no answer'));
      },
    );
    return () => {
      gone = true;
    };
  }, [client]);
  // Reaches the nearest boundary, as an answer of `useAnswer` does.
  if (failure !== undefined) throw failure;
  return answer;
}

import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Change } from '@/records';
import { thisMoment, type BookClient } from '../client';
import { useBook } from './BookProvider';

const MINUTE_MS = 60_000;

/** The time, refreshed each minute: states and ages follow it. */
export function useNowMs(everyMs = MINUTE_MS): number {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return nowMs;
}

/** Asks the book; the answer is kept until the book changes. */
export function useAnswer<T>(key: readonly unknown[], ask: (client: BookClient) => Promise<T>) {
  const { client } = useBook();
  return useQuery({
    queryKey: key,
    queryFn: () => ask(client),
    placeholderData: keepPreviousData,
  });
}

/** Writes to the book as one act; resolves when the act is committed to storage. */
export function useAppend() {
  const { client } = useBook();
  return useMutation({
    mutationFn: (changes: readonly Change[]) => client.append(changes, thisMoment()),
  });
}

import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { queryOf, type BookParams } from './bookQuery';

/** How long typing pauses before it is looked for, ms. */
const TYPING_PAUSE_MS = 250;

const NOTHING: Record<keyof BookParams, undefined> = {
  words: undefined,
  kind: undefined,
  tank: undefined,
  pen: undefined,
  lot: undefined,
  by: undefined,
  verdict: undefined,
  from: undefined,
  to: undefined,
};

/** What the Book is asked for: it stands in the address, so that Back and a link find it again. */
export function useBookQuery() {
  const params = useLocalSearchParams<BookParams>();
  const router = useRouter();
  const [words, setWords] = useState(params.words ?? '');
  const { kind, tank, pen, lot, by, verdict, from, to } = params;
  const query = useMemo(
    () =>
      queryOf({ words: params.words, kind, tank, pen, lot, by, verdict, from, to } as BookParams),
    [params.words, kind, tank, pen, lot, by, verdict, from, to],
  );
  useEffect(() => {
    if (words === (params.words ?? '')) return undefined;
    const timer = setTimeout(
      () => router.setParams({ words: words || undefined }),
      TYPING_PAUSE_MS,
    );
    return () => clearTimeout(timer);
  }, [words, params.words, router]);
  return {
    query,
    /** As the address has it, to be handed on. */
    params: { words: params.words, kind, tank, pen, lot, by, verdict, from, to },
    words,
    typeWords: setWords,
    change: (patch: BookParams) => router.setParams(patch),
    clear: () => {
      setWords('');
      router.setParams(NOTHING);
    },
  };
}

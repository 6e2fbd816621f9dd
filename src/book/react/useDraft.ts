import { useCallback, useEffect, useRef } from 'react';
import { inBackground } from '@/trouble';
import { useBook } from './BookProvider';

const PAUSE_MS = 300;

/**
 * Keeps what stands in an open form, so that a reload, a new version or a closed tab loses nothing.
 * `restore` is called once with the draft found when the form opens.
 */
export function useDraft<T>(name: string, restore: (draft: T) => void) {
  const { client } = useBook();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const once = useRef(restore);
  const touched = useRef(false);
  useEffect(() => {
    let gone = false;
    const loading = client.loadDraft(name, Date.now()).then((text) => {
      if (gone || touched.current || text === null) return;
      once.current(JSON.parse(text) as T);
    });
    inBackground('draft', loading);
    return () => {
      gone = true;
    };
  }, [client, name]);
  const keep = useCallback(
    (draft: T) => {
      touched.current = true;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => {
        inBackground('draft', client.keepDraft(name, JSON.stringify(draft), Date.now()));
      }, PAUSE_MS);
    },
    [client, name],
  );
  const forget = useCallback(() => {
    touched.current = true;
    clearTimeout(timer.current);
    inBackground('draft', client.keepDraft(name, null, Date.now()));
  }, [client, name]);
  return { keep, forget };
}

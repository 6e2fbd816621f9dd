import { useCallback, useEffect, useRef } from 'react';
import { inBackground } from '@/trouble';
import { useBook } from './BookProvider';
import { forgetSaved, noteSaved, wasSaved } from './savedDrafts';

const PAUSE_MS = 300;

/**
 * Keeps what stands in an open form, so that a reload, a new version or a closed tab loses nothing.
 * `restore` is called once with the draft found when the form opens. What was saved is noted at once and
 * deleted in the background: a page that is closed in between does not offer it to be saved once more.
 */
export function useDraft<T>(name: string, restore: (draft: T) => void) {
  const { client } = useBook();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const once = useRef(restore);
  const touched = useRef(false);
  useEffect(() => {
    let gone = false;
    const loading = client.loadDraft(name, Date.now()).then((text) => {
      if (gone || touched.current || text === null || wasSaved(name)) return;
      once.current(JSON.parse(text) as T);
    });
    inBackground('draft', loading);
    return () => {
      gone = true;
    };
  }, [client, name]);
  /** What was kept last, and what is done with: a form that is drawn once more does not bring it back. */
  const last = useRef<string>(undefined);
  const done = useRef<string>(undefined);
  const keep = useCallback(
    (draft: T) => {
      const text = JSON.stringify(draft);
      if (text === done.current) return;
      last.current = text;
      touched.current = true;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => {
        forgetSaved(name);
        inBackground('draft', client.keepDraft(name, text, Date.now()));
      }, PAUSE_MS);
    },
    [client, name],
  );
  const forget = useCallback(() => {
    touched.current = true;
    done.current = last.current;
    clearTimeout(timer.current);
    noteSaved(name);
    const deleting = client.keepDraft(name, null, Date.now()).then(() => forgetSaved(name));
    inBackground('draft', deleting);
  }, [client, name]);
  return { keep, forget };
}

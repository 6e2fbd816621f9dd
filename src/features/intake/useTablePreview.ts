import { useEffect, useState } from 'react';
import type { TablePreview } from '@/book/answers';
import { listenTo, thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { inBackground } from '@/trouble';
import { wishOf, type TypedWish } from './wish';

/** A choice is followed by another within this time: the table is read once, ms. */
const SETTLE_MS = 250;

/** What an open table brings, read anew after each choice; reading shows how far it is and can be stopped. */
export function useTablePreview(typed: TypedWish | undefined) {
  const { client, acts } = useBook();
  const { volumeUnit } = useFormats().settings;
  const [preview, setPreview] = useState<TablePreview>();
  /** Rows read so far; absent while nothing is read. */
  const [progress, setProgress] = useState<number>();
  const [stopped, setStopped] = useState(false);
  const [again, setAgain] = useState(0);
  useEffect(() => {
    if (!typed || stopped) return undefined;
    let current = true;
    const timer = setTimeout(() => {
      const told = listenTo((rows: number) => current && setProgress(rows));
      client
        .readTable(wishOf(typed, volumeUnit), thisMoment(), told)
        .then((read) => {
          if (!current || !read) return;
          setPreview(read);
          setProgress(undefined);
        })
        .catch((error: unknown) => {
          if (!current) return;
          setProgress(undefined);
          setStopped(true);
          acts.fail(error, () => setStopped(false));
        });
    }, SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [acts, again, client, stopped, typed, volumeUnit]);
  /** What was read before is not what is wished now: nothing can be taken in until it is read anew. */
  const begin = () => {
    setProgress(0);
    setStopped(false);
  };
  return {
    preview,
    progress,
    reading: progress !== undefined,
    stopped,
    begin,
    /** Another table, or none, lies open. */
    clear: () => setPreview(undefined),
    stop: () => {
      setStopped(true);
      setProgress(undefined);
      inBackground('table', client.cancelTable());
    },
    goOn: () => {
      begin();
      setAgain((count) => count + 1);
    },
  };
}

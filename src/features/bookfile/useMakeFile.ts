import { useRef, useState } from 'react';
import { listenTo, thisMoment, wasStopped } from '@/book/client';
import { useBook } from '@/book/react';
import { inBackground } from '@/trouble';
import { saveBlob } from '@/shell/saveBlob';
import { fileName } from '@/words/bookfile/bookFileWords';

/** Makes the book's file, read back by its worker, and hands it to the browser's downloads. */
export function useMakeFile() {
  const { client, opened, setDevice, acts } = useBook();
  const [made, setMade] = useState<string>();
  /** How much of it is made, 0 to 1; undefined while none is. */
  const [making, setMaking] = useState<number>();
  /** Pressed twice it is made once. */
  const going = useRef(false);
  const make = async () => {
    if (going.current) return;
    going.current = true;
    setMaking(0);
    setMade(undefined);
    // What comes on its own way may come after the end.
    const hear = (share: number) => {
      if (going.current) setMaking(share);
    };
    const { nowMs } = thisMoment();
    const name = fileName(opened.book, nowMs);
    try {
      saveBlob(name, await client.exportBook(listenTo(hear)));
      setMade(name);
      if (opened.book === 'own') setDevice({ lastCopyMs: nowMs });
    } catch (error) {
      if (!wasStopped(error)) acts.fail(error, make);
    } finally {
      going.current = false;
      setMaking(undefined);
    }
  };
  const stop = () => inBackground('file', client.stopFile());
  return { made, making, make, stop };
}

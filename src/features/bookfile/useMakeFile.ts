import { useRef, useState } from 'react';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { saveBlob } from '@/shell/saveBlob';
import { fileName } from '@/words/bookfile/bookFileWords';

/** Makes the book's file, read back by its worker, and hands it to the browser's downloads. */
export function useMakeFile() {
  const { client, opened, setDevice, acts } = useBook();
  const [made, setMade] = useState<string>();
  const [making, setMaking] = useState(false);
  /** Pressed twice it is made once. */
  const going = useRef(false);
  const make = async () => {
    if (going.current) return;
    going.current = true;
    setMaking(true);
    setMade(undefined);
    const { nowMs } = thisMoment();
    const name = fileName(opened.book, nowMs);
    try {
      saveBlob(name, await client.exportBook());
      setMade(name);
      if (opened.book === 'own') setDevice({ lastCopyMs: nowMs });
    } catch (error) {
      acts.fail(error, make);
    } finally {
      going.current = false;
      setMaking(false);
    }
  };
  return { made, making, make };
}

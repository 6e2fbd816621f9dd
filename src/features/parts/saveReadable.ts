import { useRef, useState } from 'react';
import { listenTo, startBookClient, wasStopped, type BookClient } from '@/book/client';
import { saveBlob } from '@/shell/saveBlob';
import { inBackground, messageOf, noteTrouble, troubles } from '@/trouble';
import { countEntries } from '@/words';
import { openingSays } from '@/words/frame/opening';

/** Saves everything readable of both books and what went wrong, through a worker of its own. */
async function saveReadable(
  client: BookClient,
  onShare: (share: number) => void,
): Promise<{ readonly told: string; readonly made: boolean }> {
  const found = await client.rescue(listenTo(onShare));
  for (const { book, file } of found)
    saveBlob(`${book === 'demo' ? 'demo' : 'book'}-rescued.zolder.json`, file);
  const log = new Blob([JSON.stringify(troubles(), null, 1)], { type: 'application/json' });
  saveBlob('what-went-wrong.json', log);
  const own = found.find(({ book }) => book === 'own');
  const entries = found.reduce((sum, { entries: count }) => sum + count, 0);
  if (found.length === 0) return { told: openingSays.nothingFound, made: false };
  const damaged = own && own.setAside > 0 ? openingSays.damagedIncluded : '';
  return { told: openingSays.fileMade(countEntries(entries), damaged), made: true };
}

/**
 * The same for a screen: what came of it, how much of it is made (0 to 1; undefined while none is), and how
 * to stop it. `onSaved` once a file was made.
 */
export function useSaveReadable(onSaved?: () => void) {
  const [told, setTold] = useState('');
  const [making, setMaking] = useState<number>();
  const client = useRef<BookClient>(undefined);
  const save = async () => {
    setMaking(0);
    setTold('');
    // What comes on its own way may come after the end.
    const hear = (share: number) => setMaking((now) => (now === undefined ? now : share));
    try {
      client.current ??= startBookClient();
      const saved = await saveReadable(client.current, hear);
      setTold(saved.told);
      if (saved.made) onSaved?.();
    } catch (error) {
      if (wasStopped(error)) return;
      noteTrouble('rescue', error);
      setTold(openingSays.nothingReadable(messageOf(error)));
    } finally {
      setMaking(undefined);
    }
  };
  const stop = () => inBackground('rescue', client.current?.stopFile());
  return { told, making, save, stop };
}

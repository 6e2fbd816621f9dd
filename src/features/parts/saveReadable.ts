import { useState } from 'react';
import { startBookClient } from '@/book/client';
import { saveBlob } from '@/shell/saveBlob';
import { messageOf, noteTrouble, troubles } from '@/trouble';
import { countEntries } from '@/words';
import { openingSays } from '@/words/frame/opening';

/** Saves everything readable of both books and what went wrong, through a worker of its own. */
async function saveReadable(): Promise<{ readonly told: string; readonly made: boolean }> {
  const found = await startBookClient().rescue();
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

/** The same for a screen: what came of it, and whether it is under way. `onSaved` once a file was made. */
export function useSaveReadable(onSaved?: () => void) {
  const [told, setTold] = useState('');
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      const saved = await saveReadable();
      setTold(saved.told);
      if (saved.made) onSaved?.();
    } catch (error) {
      noteTrouble('rescue', error);
      setTold(openingSays.nothingReadable(messageOf(error)));
    } finally {
      setBusy(false);
    }
  };
  return { told, busy, save };
}

import { startBookClient } from '@/book/client';
import { saveBlob } from '@/shell/saveBlob';
import { troubles } from '@/trouble';
import { countEntries } from '@/words';
import { openingSays } from '@/words/frame/opening';

/** Saves everything readable of both books and what went wrong, through a worker of its own. */
export async function saveReadable(): Promise<string> {
  const found = await startBookClient().rescue();
  for (const { book, file } of found)
    saveBlob(`${book === 'demo' ? 'demo' : 'book'}-rescued.zolder.json`, file);
  const log = new Blob([JSON.stringify(troubles(), null, 1)], { type: 'application/json' });
  saveBlob('what-went-wrong.json', log);
  const own = found.find(({ book }) => book === 'own');
  const entries = found.reduce((sum, { entries: count }) => sum + count, 0);
  if (found.length === 0) return openingSays.nothingFound;
  const damaged = own && own.setAside > 0 ? openingSays.damagedIncluded : '';
  return openingSays.fileMade(countEntries(entries), damaged);
}

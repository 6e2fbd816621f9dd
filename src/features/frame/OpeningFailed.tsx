import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { startBookClient } from '@/book/client';
import type { OpeningFailure } from '@/book/react';
import { saveBlob } from '@/shell/saveBlob';
import { messageOf, noteTrouble, troubles } from '@/trouble';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { countEntries, openingFailureSentence } from '@/words';
import { commonSays } from '@/words/common';
import { openingSays } from '@/words/frame/opening';

/** Saves everything readable of both books and what went wrong, through a worker of its own. */
async function saveReadable(): Promise<string> {
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

/** Shown where the book does not open: what is wrong, another try, everything readable as a file. */
export function OpeningFailed({ message, goOnInMemory }: OpeningFailure) {
  const [told, setTold] = useState('');
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      setTold(await saveReadable());
    } catch (error) {
      noteTrouble('rescue', error);
      setTold(openingSays.nothingReadable(messageOf(error)));
    } finally {
      setBusy(false);
    }
  };
  return (
    <View role="alert" style={styles.failed}>
      <Say size="huge" face="slab" heading={1}>
        {openingSays.theBookDidNotOpen}
      </Say>
      <Say>{openingFailureSentence(message)}</Say>
      <Say>{openingSays.nothingChanged}</Say>
      <Button kind="main" label={commonSays.tryAgain} onPress={() => window.location.reload()} />
      <Button label={openingSays.saveEverythingReadableAsAFile} disabled={busy} onPress={save} />
      <Button label={openingSays.goOnWithoutStorage} onPress={goOnInMemory} />
      <Say size="small" tone="soft">
        {openingSays.withoutStorage}
      </Say>
      <View role="status" aria-live="polite">
        {told ? <Say size="small">{told}</Say> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  failed: { flex: 1, justifyContent: 'center', gap: space.s3, padding: space.s6, maxWidth: 680 },
});

import { useEffect, useLayoutEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import type { OpeningFailure } from '@/book/react';
import { useSaveReadable } from '@/features/parts/saveReadable';
import { SavingReadable } from '@/features/parts/SavingReadable';
import { Button } from '@/ui/button';
import { dropFirstFrame } from '@/ui/firstFrame';
import { Say } from '@/ui/text';
import { applyTheme, space } from '@/ui/tokens';
import { openingFailureSentence } from '@/words';
import { commonSays } from '@/words/common';
import { openingSays } from '@/words/frame/opening';

/** Shown where the book does not open: what is wrong, another try, everything readable as a file. */
export function OpeningFailed({ message, goOnInMemory }: OpeningFailure) {
  const rescue = useSaveReadable();
  // No book, no device settings: by day.
  useEffect(() => applyTheme('day', 1), []);
  useLayoutEffect(dropFirstFrame, []);
  return (
    <View role="alert" style={styles.failed}>
      <Say size="huge" face="slab" heading={1}>
        {openingSays.theBookDidNotOpen}
      </Say>
      <Say>{openingFailureSentence(message)}</Say>
      <Say>{openingSays.nothingChanged}</Say>
      <Button kind="main" label={commonSays.tryAgain} onPress={() => window.location.reload()} />
      <Button
        label={openingSays.saveEverythingReadableAsAFile}
        disabled={rescue.making !== undefined}
        onPress={rescue.save}
      />
      <SavingReadable rescue={rescue} />
      <Button label={openingSays.goOnWithoutStorage} onPress={goOnInMemory} />
      <Say size="small" tone="soft">
        {openingSays.withoutStorage}
      </Say>
    </View>
  );
}

const styles = StyleSheet.create({
  failed: { flex: 1, justifyContent: 'center', gap: space.s3, padding: space.s6, maxWidth: 680 },
});

import { StyleSheet, View } from 'react-native';
import { useAnswer, questions } from '@/book/react';
import { Button } from '@/ui/button';
import { inBackground } from '@/trouble';
import { FileField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { Conflicts } from './Conflicts';
import { previewLines, refusalSentence } from './bookFileWords';
import { useBookFile } from './useBookFile';
import { useMakeFile } from './useMakeFile';
import { counted } from '@/words';

/** The whole book as one file: a copy to keep, the way to a new phone, two books joined. */
export function BookFileScreen() {
  const { data: conflicts } = useAnswer(questions.conflicts());
  const file = useBookFile();
  const { made, making, make } = useMakeFile();
  if (!conflicts) return <Skeleton label="Loading" />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        Move or keep the book
      </Say>
      {conflicts.length > 0 ? <Conflicts conflicts={conflicts} /> : null}
      <Say size="large" face="slab" heading={2}>
        Keep a copy
      </Say>
      <Say size="small">
        Everything in this book goes into one file: every reading as it was displayed, every check,
        every change with who made it. Its form is published with Zolder, so it can be read without
        it.
      </Say>
      <Button kind="main" label="Save the book as a file" disabled={making} onPress={make} />
      <View role="status" aria-live="polite">
        {making ? <Say size="small">Making the file and reading it back…</Say> : null}
        {made ? (
          <Say size="small">
            File made and read back: {made}. Look in your downloads, and keep it somewhere other
            than on this device.
          </Say>
        ) : null}
      </View>
      <Say size="large" face="slab" heading={2}>
        Take in a file
      </Say>
      <Say size="small">
        A file of this book from another phone is joined with this one. Nothing is lost on either
        side, and taking it in twice changes nothing. You see what it brings before anything is
        written.
      </Say>
      <FileField
        label="A .zolder.json file"
        accept=".json,application/json"
        onFile={(chosen) => inBackground('file', file.open(chosen))}
      />
      {file.state.kind === 'reading' ? <Skeleton label="Reading the file" /> : null}
      {file.state.kind === 'refused' ? (
        <View role="alert">
          <Say bold tone="off">
            {refusalSentence(file.state.refusal)}
          </Say>
          <Say size="small">Nothing was written.</Say>
        </View>
      ) : null}
      {file.state.kind === 'preview' ? (
        <Panel tone="wash">
          <Say bold>What it brings</Say>
          {previewLines(file.state.preview).map((line) => (
            <Say key={line} size="small">
              {line}
            </Say>
          ))}
          <View style={styles.row}>
            <Button label="Leave it" onPress={file.leave} />
            {file.state.preview.fresh > 0 ? (
              <Button kind="main" label="Take it in" onPress={file.take} />
            ) : null}
          </View>
        </Panel>
      ) : null}
      <View role="status" aria-live="polite">
        {file.state.kind === 'taken' ? (
          <Say bold tone="fit">
            Taken in. {counted(file.state.added, 'entry')} added.
          </Say>
        ) : null}
      </View>
      <Say size="large" face="slab" heading={2}>
        Moving to a new phone
      </Say>
      <Say size="small">
        1. Save the book as a file here. 2. Send that file to the new phone, by cable, mail or a
        memory card. 3. Open Zolder there, go to this page and take it in. To go on with both
        phones, take in each other’s file now and then: both end up with the same book.
      </Say>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, paddingTop: space.s2 },
});

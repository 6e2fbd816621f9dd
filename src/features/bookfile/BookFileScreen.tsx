import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useAnswer, questions } from '@/book/react';
import { Button } from '@/ui/button';
import { inBackground } from '@/trouble';
import { FileField } from '@/ui/form';
import { HowFar, Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { Conflicts } from './Conflicts';
import { previewLines, refusalSentence } from '@/words/bookfile/bookFileWords';
import { useBookFile } from './useBookFile';
import { useMakeFile } from './useMakeFile';
import { paths } from '@/shell/navigation/paths';
import { eraseSays } from '@/words/bookfile/erase';
import { commonSays } from '@/words/common';
import { bookFileSays } from '@/words/bookfile/bookFile';
import { makingSays } from '@/words/bookfile/making';

const percentOf = (share: number) => Math.round(100 * share);

/** The whole book as one file: a copy to keep, the way to a new phone, two books joined. */
export function BookFileScreen() {
  const { data: conflicts } = useAnswer(questions.conflicts());
  const router = useRouter();
  const file = useBookFile();
  const { made, making, make, stop } = useMakeFile();
  if (!conflicts) return <Skeleton label={commonSays.loading} />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.moveOrKeepTheBook}
      </Say>
      {conflicts.length > 0 ? <Conflicts conflicts={conflicts} /> : null}
      <Say size="large" face="slab" heading={2}>
        {bookFileSays.keepACopy}
      </Say>
      <Say size="small">{bookFileSays.whatGoesIn}</Say>
      <Button
        kind="main"
        label={commonSays.saveTheBookAsAFile}
        disabled={making !== undefined}
        onPress={make}
      />
      {making === undefined ? null : (
        <HowFar said={makingSays.makingTheFile(percentOf(making))} share={making}>
          <Button kind="text" label={makingSays.stop} onPress={stop} />
        </HowFar>
      )}
      <View role="status" aria-live="polite">
        {made ? <Say size="small">{bookFileSays.fileMade(made)}</Say> : null}
      </View>
      <Say size="large" face="slab" heading={2}>
        {bookFileSays.takeInAFile}
      </Say>
      <Say size="small">{bookFileSays.aFileOfThisBookFrom}</Say>
      <FileField
        label={bookFileSays.bookFileLabel}
        accept=".json,application/json"
        onFile={(chosen) => inBackground('file', file.open(chosen))}
      />
      {file.state.kind === 'reading' || file.state.kind === 'taking' ? (
        <HowFar
          said={bookFileSays[file.state.kind](percentOf(file.state.share))}
          share={file.state.share}
        >
          <Button kind="text" label={makingSays.stop} onPress={file.stop} />
        </HowFar>
      ) : null}
      {file.state.kind === 'refused' ? (
        <View role="alert">
          <Say bold tone="off">
            {refusalSentence(file.state.refusal)}
          </Say>
          <Say size="small">{bookFileSays.nothingWasWritten}</Say>
        </View>
      ) : null}
      {file.state.kind === 'preview' ? (
        <Panel tone="wash">
          <Say bold>{bookFileSays.whatItBrings}</Say>
          {previewLines(file.state.preview).map((line) => (
            <Say key={line} size="small">
              {line}
            </Say>
          ))}
          <View style={styles.row}>
            <Button label={commonSays.leaveIt} onPress={file.leave} />
            {file.state.preview.fresh > 0 ? (
              <Button kind="main" label={bookFileSays.takeItIn} onPress={file.take} />
            ) : null}
          </View>
        </Panel>
      ) : null}
      <View role="status" aria-live="polite">
        {file.state.kind === 'taken' ? (
          <Say bold tone="fit">
            {bookFileSays.takenIn(file.state.added)}
          </Say>
        ) : null}
      </View>
      <Say size="large" face="slab" heading={2}>
        {bookFileSays.movingToANewPhone}
      </Say>
      <Say size="small">{bookFileSays.saveTheBookAsAFile}</Say>
      <Say size="large" face="slab" heading={2}>
        {bookFileSays.tables}
      </Say>
      <Say size="small">{bookFileSays.tablesHint}</Say>
      <View style={styles.row}>
        <Button label={bookFileSays.takeInATable} onPress={() => router.navigate(paths.takeIn)} />
        <Button label={bookFileSays.takeOut} onPress={() => router.navigate(paths.takeOut())} />
      </View>
      <Say size="large" face="slab" heading={2}>
        {eraseSays.title}
      </Say>
      <Say size="small">{eraseSays.what}</Say>
      <View style={styles.row}>
        <Button label={eraseSays.title} onPress={() => router.navigate(paths.erase)} />
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, paddingTop: space.s2 },
});

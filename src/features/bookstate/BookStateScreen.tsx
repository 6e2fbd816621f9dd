import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useAnswer, useBook, useNowMs, questions } from '@/book/react';
import { useSaveReadable } from '@/features/parts/saveReadable';
import { SavingReadable } from '@/features/parts/SavingReadable';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { countEntries, healthSentences } from '@/words';
import { asideLines } from '@/words/bookstate/asideLines';
import { ClockPanel } from './ClockPanel';
import { TroubleLog } from './TroubleLog';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { openingSays } from '@/words/frame/opening';
import { bookStateSays } from '@/words/bookstate/bookState';

/** What is not as it should be with the book, all of it, and what can be done. */
export function BookStateScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const { opened } = useBook();
  const rescue = useSaveReadable();
  const { data } = useAnswer(questions.health(nowMs));
  if (!data) return <Skeleton label={bookStateSays.lookingAtTheBook} />;
  const sentences = healthSentences(data);
  const sound = sentences.length === 0 && !data.ahead && opened.lasting;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.stateOfTheBook}
      </Say>
      <Say>
        {bookStateSays.canBeRead(countEntries(data.size), sound ? bookStateSays.allSound : '')}
      </Say>
      {opened.lasting ? null : (
        <Panel tone="caution">
          <Say bold>{bookStateSays.theBrowserGivesNoStorage}</Say>
          <Say>{bookStateSays.whatYouWriteIsKeptUntil}</Say>
        </Panel>
      )}
      {data.ahead ? <ClockPanel ahead={data.ahead} nowMs={nowMs} /> : null}
      {sentences.length > 0 ? (
        <Panel tone="caution">
          {sentences.map((sentence) => (
            <Say key={sentence}>{sentence}</Say>
          ))}
          {asideLines(data).map((line) => (
            <Say key={line} size="small" tone="soft">
              {line}
            </Say>
          ))}
        </Panel>
      ) : null}
      <View style={styles.row}>
        <Button
          kind="main"
          label={commonSays.saveTheBookAsAFile}
          onPress={() => router.navigate(paths.bookFile)}
        />
        <Button
          label={openingSays.saveEverythingReadableAsAFile}
          disabled={rescue.making !== undefined}
          onPress={rescue.save}
        />
      </View>
      <SavingReadable rescue={rescue} />
      <Say size="small" tone="soft">
        {bookStateSays.whatTheFileHolds}
      </Say>
      <TroubleLog />
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});

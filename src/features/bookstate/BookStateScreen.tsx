import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useAnswer, useBook, useNowMs, questions } from '@/book/react';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { countEntries, healthSentences } from '@/words';
import { asideLines } from './asideLines';
import { ClockPanel } from './ClockPanel';
import { TroubleLog } from './TroubleLog';
import { paths } from '@/shell/navigation/paths';

/** What is not as it should be with the book, all of it, and what can be done. */
export function BookStateScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const { opened } = useBook();
  const { data } = useAnswer(questions.health(nowMs));
  if (!data) return <Skeleton label="Looking at the book" />;
  const sentences = healthSentences(data);
  const sound = sentences.length === 0 && !data.ahead && opened.lasting;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        State of the book
      </Say>
      <Say>
        {countEntries(data.size)} can be read.{' '}
        {sound ? 'Nothing is damaged, and every date is in order.' : ''}
      </Say>
      {opened.lasting ? null : (
        <Panel tone="caution">
          <Say bold>The browser gives no storage.</Say>
          <Say>
            What you write is kept until this page is closed. Save the book as a file before, and
            take it in again next time.
          </Say>
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
          label="Save the book as a file"
          onPress={() => router.navigate(paths.bookFile)}
        />
      </View>
      <Say size="small" tone="soft">
        The file holds everything readable, and what could not be read as it was found, for somebody
        who can mend it. A sound file of the same book, taken in here, brings back what is missing.
      </Say>
      <TroubleLog />
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});

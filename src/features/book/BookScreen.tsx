import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useAnswer, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button, Press } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { ledgerDays } from './ledgerViewModel';
import { bookSays } from '@/words/book/book';

/** Lines shown at first, and added by each "older". */
const PAGE = 50;

/** Everything in time order. */
export function BookScreen() {
  const router = useRouter();
  const formats = useFormats();
  const [count, setCount] = useState(PAGE);
  const { data } = useAnswer(questions.ledger(count));
  if (!data) return <Skeleton label={bookSays.loadingTheBook} />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {bookSays.book}
      </Say>
      <Say size="small" tone="soft">
        {data.total === 0 ? bookSays.whatStandsHere : bookSays.entriesKept(data.total)}
      </Say>
      {ledgerDays(data.rows, formats).map(({ day, lines }) => (
        <View key={day}>
          <Say size="body" face="slab" heading={2}>
            {day}
          </Say>
          <View role="list" aria-label={day}>
            {lines.map((line) => (
              <View key={line.id} role="listitem">
                <Press
                  href={line.href}
                  onPress={() => router.navigate(line.href)}
                  style={styles.line}
                >
                  <Say size="small" tone="soft" face="mono" style={styles.time}>
                    {line.time}
                  </Say>
                  <View style={styles.words}>
                    <Say size="small" bold>
                      {line.title}
                    </Say>
                    <Say size="small">{line.detail}</Say>
                  </View>
                </Press>
              </View>
            ))}
          </View>
        </View>
      ))}
      {data.rows.length < data.total ? (
        <Button label={bookSays.olderEntries} onPress={() => setCount(count + PAGE)} />
      ) : null}
    </Screen>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    gap: space.s3,
    minHeight: TOUCH,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  time: { width: 72, flexShrink: 0 },
  words: { flex: 1, minWidth: 0 },
});

import { usePathname, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useAnswer, useBook, useNowMs, questions } from '@/book/react';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { aheadSentence, healthSentences } from '@/words';
import { paths } from '@/shell/navigation/paths';
import { frameSays } from '@/words/frame/frame';

/** What is not as it should be with the book: one line under the head, leading to the whole of it. */
export function HealthNote() {
  const nowMs = useNowMs();
  const { opened } = useBook();
  const path = usePathname();
  const { data } = useAnswer(questions.health(nowMs));
  if (!data || path === paths.bookState) return null;
  const alarms = [
    ...(opened.lasting ? [] : [NOT_LASTING]),
    ...healthSentences(data),
    ...(data.ahead ? [aheadSentence(data.ahead)] : []),
  ];
  const [first] = alarms;
  return first === undefined ? null : <Line words={first} more={alarms.length - 1} />;
}

const NOT_LASTING = frameSays.noStorage;

function Line({ words, more }: { readonly words: string; readonly more: number }) {
  const router = useRouter();
  const href = paths.bookState;
  return (
    <View role="alert" style={styles.note}>
      <Press href={href} onPress={() => router.navigate(href)} style={styles.press}>
        <Say size="small" bold tone="off">
          {words}{' '}
          <Say size="small" bold tone="action">
            {more > 0 ? frameSays.andMore(more) : frameSays.whatNow}
          </Say>
        </Say>
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  note: { borderBottomWidth: 1, borderBottomColor: color.edge, backgroundColor: color.panel },
  press: {
    minHeight: TOUCH,
    justifyContent: 'center',
    paddingHorizontal: space.s4,
    paddingVertical: space.s1,
  },
});

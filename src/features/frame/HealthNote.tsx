import { usePathname, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useAnswer, useBook, useNowMs, questions } from '@/book/react';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { aheadSentence, healthSentences } from '@/words';
import { copyReminder } from './copyReminder';
import { paths, type Path } from '@/shell/navigation/paths';
import { frameSays } from '@/words/frame/frame';

/** What is not as it should be with the book: one line under the head, leading to the whole of it. */
export function HealthNote() {
  const nowMs = useNowMs();
  const { opened, device } = useBook();
  const path = usePathname();
  const { data } = useAnswer(questions.health(nowMs));
  if (!data || path === paths.bookState) return null;
  const alarms = [
    ...(opened.lasting ? [] : [NOT_LASTING]),
    ...healthSentences(data),
    ...(data.ahead ? [aheadSentence(data.ahead)] : []),
  ];
  const own = opened.book === 'own';
  const reminder =
    own && path === paths.round ? copyReminder({ size: data.size, ...device }, nowMs) : undefined;
  if (alarms.length === 0 && !reminder) return null;
  return alarms.length > 0 ? (
    <Line href={paths.bookState} words={alarms[0]!} more={alarms.length - 1} alarm />
  ) : (
    <Line href={paths.bookFile} words={reminder!} more={0} />
  );
}

const NOT_LASTING = frameSays.noStorage;

function Line(props: {
  readonly href: Path;
  readonly words: string;
  readonly more: number;
  readonly alarm?: boolean;
}) {
  const { href, words, more, alarm } = props;
  const router = useRouter();
  return (
    <View role={alarm ? 'alert' : 'status'} style={styles.note}>
      <Press href={href} onPress={() => router.navigate(href)} style={styles.press}>
        <Say size="small" bold={alarm} tone={alarm ? 'off' : 'attention'}>
          {words}{' '}
          <Say size="small" bold tone="action">
            {more > 0 ? frameSays.andMore(more) : alarm ? frameSays.whatNow : frameSays.saveACopy}
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

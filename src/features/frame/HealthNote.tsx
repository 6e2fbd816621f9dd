import { usePathname, useRouter } from 'expo-router';
import { useBook, useNowMs, questions } from '@/book/react';
import { useFirstAnswer } from '@/shell/useFirstAnswer';
import { aheadSentence, healthSentences } from '@/words';
import { paths } from '@/shell/navigation/paths';
import { frameSays } from '@/words/frame/frame';
import { NoteLine } from './NoteLine';

/** What is not as it should be with the book: one line under the head, leading to the whole of it. */
export function HealthNote() {
  const nowMs = useNowMs();
  const router = useRouter();
  const { opened } = useBook();
  const path = usePathname();
  const { data } = useFirstAnswer(questions.health(nowMs));
  if (!data || path === paths.bookState) return null;
  const alarms = [
    ...(opened.lasting ? [] : [NOT_LASTING]),
    ...healthSentences(data),
    ...(data.ahead ? [aheadSentence(data.ahead)] : []),
  ];
  const [first] = alarms;
  if (first === undefined) return null;
  const more = alarms.length - 1;
  return (
    <NoteLine
      words={first}
      more={more}
      href={paths.bookState}
      onGo={(href) => router.navigate(href)}
    />
  );
}

const NOT_LASTING = frameSays.noStorage;

import { MINUTE_MS } from '@/core/units';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { TimerRow } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';
import { timerHref, timerWords } from './timerWords';

const TICK_MS = 1000;

/** Every running timer as a thin line under the head, on every screen. */
export function TimerLine() {
  const nowMs = useNowMs(TICK_MS);
  // The book is asked each minute; between, only the time moves.
  // Rounded up: what was started this minute is there at once.
  const minuteMs = Math.ceil(nowMs / MINUTE_MS) * MINUTE_MS;
  const { data: timers } = useAnswer(questions.timers(minuteMs));
  if (!timers || timers.length === 0) return null;
  return (
    <View role="region" aria-label={frameSays.timers} style={styles.lines}>
      {timers.slice(0, 3).map((timer) => (
        <Line key={timer.id} timer={timer} nowMs={nowMs} />
      ))}
    </View>
  );
}

function Line({ timer, nowMs }: { readonly timer: TimerRow; readonly nowMs: number }) {
  const router = useRouter();
  const { startMs, endMs } = timer;
  const over = nowMs >= endMs;
  const share = Math.min(1, Math.max(0, (nowMs - startMs) / Math.max(1, endMs - startMs)));
  const href = timerHref(timer);
  return (
    <Press href={href} onPress={() => router.navigate(href)} style={styles.line}>
      <View style={styles.track} aria-hidden>
        <View style={[styles.done, over && styles.over, { width: `${100 * share}%` }]} />
      </View>
      <Say size="small" bold={over} tone={over ? 'attention' : 'soft'} style={styles.words}>
        {timerWords(timer, nowMs)}
      </Say>
    </Press>
  );
}

const styles = StyleSheet.create({
  lines: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    backgroundColor: color.panel,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  line: { flexGrow: 1, flexBasis: 180, minHeight: TOUCH - 8, justifyContent: 'center' },
  track: {
    position: 'absolute',
    left: 0,
    right: 0,
    top: 0,
    height: 3,
    backgroundColor: color.wood,
  },
  done: { height: 3, backgroundColor: color.action },
  over: { backgroundColor: color.attention },
  words: { paddingHorizontal: space.s4, paddingVertical: space.s1 },
});

import { usePathname, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TimerRow } from '@/book/answers';
import { useBook, useNowMs, questions } from '@/book/react';
import { useFirstAnswer } from '@/shell/useFirstAnswer';
import { askToCall, calling } from '@/shell/device/calls';
import { inBackground } from '@/trouble';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';
import { timerWords } from '@/words/frame/timerWords';
import { inLine, timerHref, timersUntilMs } from './timerLine';
import { useTimerCalls } from './useTimerCalls';

const TICK_MS = 1000;

/** What came of asking stands so long, ms. */
const TOLD_MS = 15_000;

/** Every running timer as a thin line under the head, on every screen. */
export function TimerLine() {
  const nowMs = useNowMs(TICK_MS);
  const path = usePathname();
  const { data: timers } = useFirstAnswer(questions.timers(timersUntilMs(nowMs)));
  useTimerCalls(timers);
  // The Bench shows its own watch larger than a line could.
  const shown = (timers ?? []).filter(
    (timer) => !(timer.kind === 'still' && path === timerHref(timer)),
  );
  if (shown.length === 0) return null;
  return (
    <View role="region" aria-label={frameSays.timers} style={styles.lines}>
      {inLine(shown, nowMs).map((timer) => (
        <Line key={timer.id} timer={timer} nowMs={nowMs} />
      ))}
      {shown.some(({ endMs }) => endMs > nowMs) ? <OfferToCall /> : null}
    </View>
  );
}

/** Asked at the first timer of one’s own book and not before; a press asks the browser. */
function OfferToCall() {
  const { opened, device, setDevice } = useBook();
  const [state, setState] = useState(calling);
  const [answered, setAnswered] = useState(false);
  if (answered)
    return (
      <Say size="small" live tone="soft" style={styles.words}>
        {state === 'allowed' ? frameSays.willCall : frameSays.wontCall}
      </Say>
    );
  if (state !== 'unasked' || opened.book !== 'own' || device.callsDeclined) return null;
  const ask = async () => {
    setState(await askToCall());
    setAnswered(true);
    setTimeout(() => setAnswered(false), TOLD_MS);
  };
  return (
    <View style={styles.offer}>
      <Press onPress={() => inBackground('calling', ask())} style={styles.ask}>
        <Say size="small" bold tone="action" style={styles.words}>
          {frameSays.callMe}
        </Say>
      </Press>
      <Press
        name={frameSays.doNotCall}
        onPress={() => setDevice({ callsDeclined: true })}
        style={styles.no}
      >
        <Say size="small" bold tone="action">
          {frameSays.no}
        </Say>
      </Press>
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
  offer: { flexGrow: 1, flexBasis: 180, flexDirection: 'row' },
  // Narrow, its words go on in another line: the No beside it stays in sight.
  ask: { flex: 1, minWidth: 0, minHeight: TOUCH - 8, justifyContent: 'center' },
  no: { minHeight: TOUCH - 8, minWidth: TOUCH, alignItems: 'center', justifyContent: 'center' },
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

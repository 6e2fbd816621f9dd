import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useBook, useNowMs } from '@/book/react';
import type { BenchPlan } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { callAttention, stillWatch } from '@/timers';
import { Button } from '@/ui/button';
import { digitsField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { minutesSeconds } from '@/words';
import { dipSays } from '@/words/bench/dip';
import { seenWords } from '@/words/bench/stillWords';
import type { Bench } from './useBench';
import { useSeenValues } from './useSeenValues';

const TICK_MS = 250;

/** A display that moved so often does not come to rest by itself. */
const RESTLESS_AFTER = 5;

/** The stillness watch: start it in the cup, restart it when the display moves, press when it says so. */
interface Props {
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly whenStill: string;
  /** The pen in the hand, by its code: values told live may be of another. */
  readonly penCode: string;
  /** Records by itself once values told live stand still; absent where a hand must do something first. */
  readonly onStill?: (() => void) | undefined;
}

/** Waits for the value to stand still, and tells when it does. */
export function StillPanel({ bench, plan, whenStill, penCode, onStill }: Props) {
  const nowMs = useNowMs(TICK_MS);
  const { device } = useBook();
  const formats = useFormats();
  const watch = stillWatch(bench.draft, nowMs);
  const seen = useSeenValues(bench, plan, penCode);
  const live = seen.isLive(nowMs);
  const called = useRef(watch.still);
  const recordLive = useEffectEvent(() => {
    if (seen.isLive(Date.now())) onStill?.();
  });
  useEffect(() => {
    if (watch.still && !called.current) {
      if (device.sounds) callAttention();
      recordLive();
    }
    called.current = watch.still;
  }, [watch.still, device.sounds]);
  const { dipSinceMs } = bench.draft;
  const words = seenWords(seen.samples, plan, formats, nowMs);
  const [moved, setMoved] = useState(0);
  const start = () => {
    // Within the press, or no keypad opens: when it is still, the number is typed at once.
    digitsField()?.focus();
    setMoved((times) => times + (watch.running ? 1 : 0));
    bench.change({ dipSinceMs: dipSinceMs ?? Date.now(), stillSinceMs: Date.now() });
  };
  return (
    <View style={styles.panel}>
      <View style={styles.bar} aria-hidden>
        <View style={[styles.done, { width: `${(watch.elapsedS / 30) * 100}%` }]} />
      </View>
      <View style={styles.line}>
        <View role="status" aria-live="polite" style={styles.words}>
          <Say bold tone={watch.still ? 'fit' : 'ink'}>
            {watch.still
              ? dipSays.stillFor30S(whenStill)
              : watch.running
                ? dipSays.holdStillTouchNothing
                : dipSays.startWatchInCup}
          </Say>
        </View>
        {watch.running && !watch.still ? (
          <Say face="mono" size="large">
            {minutesSeconds(watch.remainingS)}
          </Say>
        ) : null}
        {!watch.settleS ? null : (
          <Say size="small" tone="soft">
            {dipSays.settledIn(Math.round(watch.settleS))}
          </Say>
        )}
      </View>
      {watch.still ? null : (
        <Button wet label={watch.running ? dipSays.itMoved : dipSays.startWatch} onPress={start} />
      )}
      {moved >= RESTLESS_AFTER && !watch.still ? (
        <View role="status">
          <Say size="small" tone="attention">
            {dipSays.neverStill[plan.quantity]}
          </Say>
        </View>
      ) : null}
      {words ? (
        <View role="status" aria-live="polite">
          <Say size="small">{words}</Say>
        </View>
      ) : null}
      {live ? (
        <Say size="small" tone="soft">
          {onStill ? dipSays.liveRecords : dipSays.liveWaits}
        </Say>
      ) : null}
      {watch.still || live ? null : (
        <Button kind="text" label={dipSays.noteAndWait} onPress={seen.noteTyped} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: space.s2 },
  bar: { height: 6, backgroundColor: color.wood },
  done: { height: 6, backgroundColor: color.action },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.s3 },
  words: { flex: 1 },
});

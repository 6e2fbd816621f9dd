import { StyleSheet, View } from 'react-native';
import type { TankHistoryAnswer } from '@/book/answers';
import type { Sample } from '@/records/kinds';
import { Button, Press } from '@/ui/button';
import { panned, zoomed, type TimeWindow } from '@/ui/chart';
import { Choice } from '@/ui/form';
import { Say } from '@/ui/text';
import { space, TOUCH } from '@/ui/tokens';
import { SAMPLE_NAME } from '@/words';
import { commonSays } from '@/words/common';
import { historySays } from '@/words/tanks/history';
import { SPAN_LABEL, type Span } from './historyModel';

/** Which kind of sample is drawn; only where more than one was ever taken. */
export function SampleChoice({
  samples,
  value,
  onChoose,
}: {
  readonly samples: TankHistoryAnswer['samples'];
  readonly value: Sample;
  readonly onChoose: (sample: Sample) => void;
}) {
  if (samples.length < 2 && (samples[0]?.sample ?? value) === value) return null;
  return (
    <Choice
      label={commonSays.whatWasRead}
      value={value}
      options={samples.map(({ sample, count }) => ({
        value: sample,
        label: `${SAMPLE_NAME[sample]} (${count})`,
      }))}
      onChoose={onChoose}
    />
  );
}

/** Spans of time in words; none is chosen once the view was moved by hand. */
export function SpanBar({
  span,
  onSpan,
}: {
  readonly span: Span | undefined;
  readonly onSpan: (span: Span) => void;
}) {
  return (
    <View role="radiogroup" aria-label={commonSays.spanOfTime} style={styles.bar}>
      {(Object.keys(SPAN_LABEL) as Span[]).map((each, at) => (
        <Press
          key={each}
          role="radio"
          checked={each === span}
          tabIndex={(span === undefined ? at === 0 : each === span) ? 0 : -1}
          onPress={() => onSpan(each)}
          style={styles.span}
        >
          <Say
            size="small"
            bold={each === span}
            tone={each === span ? 'action' : 'soft'}
            style={each === span ? styles.chosen : undefined}
          >
            {SPAN_LABEL[each]}
          </Say>
        </Press>
      ))}
    </View>
  );
}

interface MoveProps {
  readonly window: TimeWindow;
  readonly limits: TimeWindow;
  readonly onWindow: (window: TimeWindow) => void;
}

/** Earlier, later, closer, wider by buttons: for wet thumbs, and where there is no pinch. */
export function MoveBar({ window, limits, onWindow }: MoveProps) {
  const aroundMs = (window[0] + window[1]) / 2;
  const move = (share: number) => onWindow(panned(window, share, limits));
  const zoom = (factor: number) => onWindow(zoomed(window, { factor, aroundMs, limits }));
  return (
    <View style={styles.bar}>
      <Button kind="text" label={historySays.earlier} onPress={() => move(-0.5)} />
      <Button kind="text" label={historySays.later} onPress={() => move(0.5)} />
      <Button kind="text" label={historySays.closer} onPress={() => zoom(0.5)} />
      <Button kind="text" label={historySays.wider} onPress={() => zoom(2)} />
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', flexWrap: 'wrap' },
  span: { minHeight: TOUCH, paddingHorizontal: space.s2, justifyContent: 'center' },
  chosen: { textDecorationLine: 'underline' },
});

import type { ComponentProps } from 'react';
import type { LookBackChart as LookBackChartDrawn } from './LookBackChart';
import { chunkPart } from '@/shell/chunk';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { LookBackAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Button, Press } from '@/ui/button';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import {
  lookBackHeadline,
  lookBackLine,
  lookBackOrder,
  lookBackStory,
} from '@/words/pens/lookBackWords';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { lookBackSays } from '@/words/pens/lookBack';

const LookBackChart = chunkPart<ComponentProps<typeof LookBackChartDrawn>>(
  'charts',
  'LookBackChart',
);

interface Props {
  readonly answer: LookBackAnswer;
  /** 2 where something else leads the screen. */
  readonly heading?: 1 | 2;
}

/** What a check found out: in a sentence, as the way the pen went, and reading by reading. */
export function LookBackFound({ answer, heading = 1 }: Props) {
  const formats = useFormats();
  const [all, setAll] = useState(false);
  const { doses, turned, kept } = lookBackOrder(answer.rows);
  const shown = [...doses, ...turned, ...(all ? kept : [])];
  return (
    <>
      <Say size="small" tone="soft">
        {lookBackSays.title(answer.penCode)}
      </Say>
      <Say size={heading === 1 ? 'huge' : 'large'} face="slab" heading={heading}>
        {lookBackHeadline(answer, formats)}
      </Say>
      <Say>{lookBackStory(answer, formats)}</Say>
      <LookBackChart answer={answer} />
      {doses.length > 0 ? (
        <Say size="small" tone="soft">
          {lookBackSays.dosesFirst}
        </Say>
      ) : null}
      <View role="list" aria-label={commonSays.readings}>
        {shown.map((row) => (
          <Row key={row.id} row={row} answer={answer} leads={heading === 1} />
        ))}
      </View>
      {kept.length > 0 ? (
        <View style={styles.kept}>
          <Say size="small" tone="soft">
            {kept.length === 1 ? lookBackSays.oneKeeps : lookBackSays.keepTheirs(kept.length)}
          </Say>
          <Button
            kind="text"
            label={all ? lookBackSays.onlyThoseThatChange : lookBackSays.showAll}
            onPress={() => setAll(!all)}
          />
        </View>
      ) : null}
    </>
  );
}

function Row(props: {
  readonly row: LookBackAnswer['rows'][number];
  readonly answer: LookBackAnswer;
  /** To its tank; not from the Bench, where a wet thumb would leave the sitting. */
  readonly leads: boolean;
}) {
  const { row, answer, leads } = props;
  const formats = useFormats();
  const router = useRouter();
  const line = lookBackLine(row, answer, formats);
  const href = paths.tank(row.tankId);
  const told = (
    <>
      <View style={styles.line}>
        <Say size="small" tone="soft" style={styles.day}>
          {line.day}
        </Say>
        <View style={styles.words}>
          <Say size="small" bold>
            {line.tank}
          </Say>
          <Say size="small">
            <Say size="small" face="mono" tone="soft" style={styles.struck}>
              {line.then}
            </Say>{' '}
            <Say size="small" face="mono" bold>
              {line.now}
            </Say>
            &nbsp;{line.unit}{' '}
            <Say size="small" bold tone={line.tone}>
              {line.word}
            </Say>
          </Say>
          <Say size="tiny" tone="soft">
            {lookBackSays.thenVerdict(line.wordThen)}
          </Say>
        </View>
        <View style={styles.notch}>
          {row.band ? (
            <Notch
              size="line"
              band={row.band}
              reading={row.now}
              wasValue={row.then.value}
              sentence={lookBackSays.nowAndThen({
                now: line.now,
                unit: line.unit,
                verdict: line.word,
                then: line.then,
                thenVerdict: line.wordThen,
              })}
            />
          ) : null}
        </View>
      </View>
      {line.dose ? (
        <Say size="small" bold tone={row.doseWrong ? 'off' : 'soft'} style={styles.dose}>
          {line.dose}
        </Say>
      ) : null}
    </>
  );
  return (
    <View role="listitem">
      {leads ? (
        <Press href={href} onPress={() => router.navigate(href)} style={styles.row}>
          {told}
        </Press>
      ) : (
        <View style={styles.row}>{told}</View>
      )}
    </View>
  );
}

/** A day's column, px: "30 Oct" at the small size. */
const DAY_WIDTH = 52;
const DAY_GAP = space.s2;

const styles = StyleSheet.create({
  row: {
    justifyContent: 'center',
    minHeight: 56,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  line: { flexDirection: 'row', alignItems: 'center', gap: DAY_GAP },
  day: { width: DAY_WIDTH, flexShrink: 0 },
  words: { flex: 1, minWidth: 0 },
  notch: { width: 88, flexShrink: 0 },
  dose: { paddingLeft: DAY_WIDTH + DAY_GAP },
  struck: { textDecorationLine: 'line-through' },
  kept: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center' },
});

import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Labelled } from '@/book/answers';
import { questions, useAnswer, useBook } from '@/book/react';
import { PaperChoice } from '@/features/parts/PaperChoice';
import { PrintedScreen } from '@/features/parts/PrintedScreen';
import type { Paper } from '@/features/parts/printing';
import { useFormats } from '@/shell/formats';
import { Button, Press } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, RADIUS, space, TOUCH } from '@/ui/tokens';
import { labelsSays, labelText } from '@/words/labels/labels';
import { LabelSheet, type LabelSize } from './LabelSheet';

type What = Labelled['kind'];

const asWhat = (text: string | undefined): What =>
  text === 'pen' || text === 'lot' ? text : 'tank';

/** Labels for tanks, pens and bottles: chosen here, printed by the browser. */
export function LabelsScreen() {
  const params = useLocalSearchParams<{ what?: string }>();
  const { data: all } = useAnswer(questions.labels());
  const [what, setWhat] = useState(() => asWhat(params.what));
  const [size, setSize] = useState<LabelSize>('medium');
  const [paper, setPaper] = useState<Paper>('A4');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  if (!all) return <Skeleton label={labelsSays.loading} />;
  const ofKind = all.filter(({ kind }) => kind === what);
  const chosen = ofKind.filter(({ id }) => !left.has(id));
  return (
    <PrintedScreen
      title={labelsSays.title}
      paper={paper}
      ready={chosen.length > 0}
      controls={
        <>
          <Say tone="soft">{labelsSays.lead}</Say>
          <Panel>
            <Choice
              label={labelsSays.what}
              value={what}
              onChoose={setWhat}
              options={[
                { value: 'tank', label: labelsSays.tanks },
                { value: 'pen', label: labelsSays.pens },
                { value: 'lot', label: labelsSays.lots },
              ]}
            />
            <Choice
              label={labelsSays.size}
              value={size}
              onChoose={setSize}
              options={[
                { value: 'small', label: labelsSays.small },
                { value: 'medium', label: labelsSays.medium },
                { value: 'large', label: labelsSays.large },
              ]}
            />
            <PaperChoice paper={paper} onPaper={setPaper} />
            {ofKind.length > 1 ? <Which labels={ofKind} left={left} onLeft={setLeft} /> : null}
            <Address />
          </Panel>
          {ofKind.length === 0 ? <Say>{labelsSays.nothing}</Say> : null}
          {ofKind.length > 0 && chosen.length === 0 ? (
            <Say tone="attention">{labelsSays.noneChosen}</Say>
          ) : null}
        </>
      }
    >
      {chosen.length > 0 ? <LabelSheet labels={chosen} size={size} /> : null}
    </PrintedScreen>
  );
}

interface WhichProps {
  readonly labels: readonly Labelled[];
  /** What is left out. */
  readonly left: ReadonlySet<string>;
  readonly onLeft: (left: ReadonlySet<string>) => void;
}

/** Which of them are printed: each is left out or taken in by a press. */
function Which({ labels, left, onLeft }: WhichProps) {
  const formats = useFormats();
  const none = new Set(labels.map(({ id }) => id));
  const toggled = (id: string) => {
    const next = new Set(left);
    if (!next.delete(id)) next.add(id);
    return next;
  };
  return (
    <View style={styles.which}>
      <Say size="small" tone="soft">
        {labelsSays.which}
      </Say>
      <View role="group" aria-label={labelsSays.which} style={styles.tiles}>
        {labels.map((one) => {
          const { large, name } = labelText(one, formats);
          const isIn = !left.has(one.id);
          return (
            <Press
              key={one.id}
              role="checkbox"
              checked={isIn}
              onPress={() => onLeft(toggled(one.id))}
              style={[styles.tile, isIn && styles.chosen]}
            >
              <Say size="small" bold={isIn}>
                {`${isIn ? '✓ ' : ''}${large} ${name}`}
              </Say>
            </Press>
          );
        })}
      </View>
      <View style={styles.tiles}>
        <Button kind="text" label={labelsSays.all} onPress={() => onLeft(new Set())} />
        <Button kind="text" label={labelsSays.none} onPress={() => onLeft(none)} />
      </View>
    </View>
  );
}

const HERE_ALONE = /^(localhost|127\.|\[::1\])/;

/** Where the labels lead, and whether that is an address of a phone at all. */
function Address() {
  const { opened } = useBook();
  const { origin, hostname } = window.location;
  return (
    <>
      <Say size="small" tone="soft">
        {labelsSays.leadsTo(origin)}
      </Say>
      {HERE_ALONE.test(hostname) ? <Say tone="attention">{labelsSays.onlyHere}</Say> : null}
      {opened.book === 'demo' ? <Say tone="attention">{labelsSays.madeUp}</Say> : null}
    </>
  );
}

const styles = StyleSheet.create({
  which: { gap: space.s1 },
  tiles: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
  tile: {
    minHeight: TOUCH,
    justifyContent: 'center',
    paddingHorizontal: space.s3,
    borderWidth: 1,
    borderColor: color.inkSoft,
    borderRadius: RADIUS,
  },
  chosen: { borderWidth: 2, borderColor: color.action },
});

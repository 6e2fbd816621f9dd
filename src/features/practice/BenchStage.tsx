import { useRouter } from 'expo-router';
import { createElement, useState, type ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Practice } from '@/core/practice';
import { shownValue, type Act } from '@/core/simulated-pen';
import { chunkPart } from '@/shell/chunk';
import { paths } from '@/shell/navigation/paths';
import { useIsWide } from '@/shell/useIsWide';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import type { DragField } from '@/ui/drag';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { practiceSays } from '@/words/practice/benchWords';
import { PRACTICE_CAUTIONS, TASK_WORDS } from '@/words/practice/taskWords';
import { CupsGrid } from './CupsGrid';
import { DoneList } from './DoneList';
import { GuideLine } from './GuideLine';
import { keysOf } from './keysOf';
import { FarTools, NearTools } from './HandTools';
import { MistakeNow } from './MistakeNow';
import { NoteButton } from './NoteButton';
import { PEN, PenFace, PenKeys } from './PenFace';
import { QuestionPart } from './QuestionPart';
import { RecordPart } from './RecordPart';
import { Part } from './runStore';
import { useRun, type Run } from './useRun';

const Field = chunkPart<ComponentProps<typeof DragField>>('drag', 'DragField');

interface Props {
  readonly practice: Practice;
  readonly onFinish: (acts: readonly Act[]) => void;
}

const SPEEDS = ['1', '10', '60'] as const;

/** The practice bench: the pen, its cups, what a hand can do, and what comes next where help is wanted. */
export function BenchStage({ practice, onFinish }: Props) {
  const router = useRouter();
  const wide = useIsWide();
  const run = useRun(practice, true);
  const [help, setHelp] = useState<'guided' | 'alone'>('guided');
  const { store, doIt } = run;
  const words = practice.id === 'free' ? undefined : TASK_WORDS[practice.id];
  const list = <DoneList run={run} withMistakes={help === 'guided'} />;
  return (
    <Screen
      actions={
        <>
          <Button wet label={practiceSays.leave} onPress={() => router.navigate(paths.practice)} />
          <Part
            store={store}
            of={(world) => [shownValue(world), world.tip, world.points.length > 0]}
            draw={(world) => <NoteButton world={world} onAct={doIt} />}
          />
          <Button
            wet
            kind="main"
            label={practiceSays.finish}
            onPress={() => onFinish([...run.acts()])}
          />
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {words?.name ?? practiceSays.free}
      </Say>
      <TaskText practice={practice} begun={run.done.length > 0} />
      <View style={wide ? styles.wide : styles.narrow}>
        <View style={wide ? styles.bench : styles.narrowBench}>
          <NearBench run={run} helped={help === 'guided'} />
          <Part
            store={store}
            of={({ tip, cups, lots, jar }) => [tip, cups, lots, jar]}
            draw={(world) => <FarTools world={world} onAct={doIt} />}
          />
          <Choice
            label={practiceSays.speed}
            value={String(run.speed)}
            onChoose={(speed) => run.setSpeed(Number(speed))}
            options={SPEEDS.map((times) => ({
              value: times,
              label: practiceSays.faster(Number(times)),
            }))}
          />
          <RecordPart practice={practice} />
          <Part
            store={store}
            of={({ answers }) => [answers]}
            draw={(world) => <QuestionPart practice={practice} world={world} onAct={doIt} />}
          />
          <Choice
            label={practiceSays.guide}
            value={help}
            onChoose={setHelp}
            options={[
              { value: 'guided', label: practiceSays.guided },
              { value: 'alone', label: practiceSays.alone },
            ]}
          />
        </View>
        <View style={wide ? styles.list : null}>{list}</View>
      </View>
    </Screen>
  );
}

/** The pen and its cups, where things are dragged, with what is at hand and its keys. */
function NearBench({ run, helped }: { readonly run: Run; readonly helped: boolean }) {
  const { store, doIt } = run;
  return (
    <Field
      onDrop={(what, onto) => {
        if (what === PEN) doIt({ do: 'dip', cup: onto });
      }}
    >
      {createElement(
        'div',
        { style: STICKY },
        <Part store={store} of={(world) => [world]} draw={(world) => <PenFace world={world} />} />,
        helped ? <Helped run={run} /> : null,
      )}
      <Part
        store={store}
        of={({ tip }) => [tip]}
        draw={(world) => <NearTools world={world} onAct={doIt} />}
      />
      <Part
        store={store}
        of={({ tip, cups }) => [tip, cups]}
        draw={(world) => <CupsGrid world={world} onAct={doIt} />}
      />
      <Part
        store={store}
        of={(world) => [
          keysOf(world)
            .map(({ id, acts }) => `${id}${shownBy(acts)}`)
            .join(),
        ]}
        draw={(world) => <PenKeys world={world} onAct={doIt} />}
      />
    </Field>
  );
}

/** What a key steps or turns to: where it stands now. */
const shownBy = (acts: readonly Act[]) =>
  acts.map((act) => (act.do === 'step' || act.do === 'turn' ? act.shown : '')).join();

/** What was wrong just now, or what comes next. */
function Helped({ run }: { readonly run: Run }) {
  const wrong = (run.done.at(-1)?.mistakes.length ?? 0) > 0;
  return wrong ? <MistakeNow run={run} /> : <GuideLine run={run} />;
}

/** What the task is, in full before the first touch, then only what to reach. */
function TaskText({ practice, begun }: { readonly practice: Practice; readonly begun: boolean }) {
  const words = practice.id === 'free' ? undefined : TASK_WORDS[practice.id];
  if (!words) return <Say size="small">{practiceSays.freeAbout}</Say>;
  return (
    <>
      <Say size="small">{begun ? words.aim : `${words.begin} ${words.aim}`}</Say>
      {words.caution ? (
        <Panel tone="caution">
          <Say size="small">{PRACTICE_CAUTIONS[words.caution]}</Say>
        </Panel>
      ) : null}
    </>
  );
}

/** The display stays in sight, whatever is pressed below it. */
const STICKY = {
  position: 'sticky',
  top: -1,
  zIndex: 3,
  display: 'flex',
  flexDirection: 'column',
  gap: space.s2,
  paddingTop: space.s1,
  paddingBottom: space.s2,
  backgroundColor: color.board,
} as const;

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: space.s6 },
  narrow: { gap: space.s4 },
  narrowBench: { gap: space.s3 },
  bench: { flex: 2, gap: space.s3, minWidth: 0 },
  list: { flex: 1, minWidth: 0 },
});

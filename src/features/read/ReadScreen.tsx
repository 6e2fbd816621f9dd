import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import type { ReadAnswer, TankAnswer } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { SAMPLES, usualSample, type Sample } from '@/records/samples';
import { Skeleton } from '@/ui/layout';
import { commonSays } from '@/words/common';
import { ChooseTank, NoPens } from './ChooseTank';
import { ReadForm } from './ReadForm';
import { EMPTY_READ } from './readModel';
import { SavedReading, type Saved } from './SavedReading';
import type { PenId } from '@/records';

/** Read: choose the tank, type what the pens show, see what it is worth, save in one tap. */
export function ReadScreen() {
  const params = useLocalSearchParams<{ tank?: string; sample?: string; pen?: string }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.read(nowMs));
  if (!data) return <Skeleton label={commonSays.loading} />;
  const tank = data.tanks.find(({ id }) => id === params.tank);
  const sample = SAMPLES.find((kind) => kind === params.sample) ?? usualSample(tank?.body ?? {});
  return (
    <Reading
      key={params.tank ?? 'none'}
      answer={data}
      tank={tank}
      sample={sample}
      penId={params.pen}
      nowMs={nowMs}
    />
  );
}

function Reading(props: {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer | undefined;
  readonly sample: Sample;
  /** The pen in the hand, where the way here says it. */
  readonly penId: PenId | undefined;
  readonly nowMs: number;
}) {
  const { answer, tank, sample, penId, nowMs } = props;
  const [saved, setSaved] = useState<Saved>();
  const [initial, setInitial] = useState(EMPTY_READ);
  if (!tank) return <ChooseTank {...answer} />;
  if (answer.pens.length === 0) return <NoPens />;
  if (saved) {
    const undone = () => {
      setInitial(saved.typed);
      setSaved(undefined);
    };
    return <SavedReading saved={saved} tank={tank} onUndone={undone} />;
  }
  return (
    <ReadForm
      answer={answer}
      tank={tank}
      nowMs={nowMs}
      initial={initial}
      sample={sample}
      penId={penId}
      onSaved={setSaved}
    />
  );
}

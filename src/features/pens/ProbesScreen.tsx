import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { fitProbe } from '@/acts';
import type { PenDetailAnswer, Row } from '@/book/answers';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { PenNotThere } from '@/features/parts/PenNotThere';
import { SaveBar } from '@/features/parts/SaveBar';
import { useFormDraft } from '@/features/parts/useFormDraft';
import type { PenId } from '@/records';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { probesSays } from '@/words/pens/probes';
import {
  probeDefaults,
  probeFields,
  probeFormSchema,
  probeOf,
  type ProbeIn,
  type ProbeOut,
} from './probeFields';
import { probeLines } from '@/words/pens/probeLines';

/** The probes of a pen over its life, pH and EC apart; and fitting the next one. */
export function ProbesScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  const nowMs = useNowMs();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const { data: rows } = useRows('probe');
  if (pen === null) return <PenNotThere />;
  if (!pen || !rows) return <Skeleton label={probesSays.loadingTheProbes} />;
  return <Probes key={penId} pen={pen} rows={rows} nowMs={nowMs} />;
}

interface Props {
  readonly pen: PenDetailAnswer;
  readonly rows: readonly Row<'probe'>[];
  readonly nowMs: number;
}

function Probes({ pen, rows, nowMs }: Props) {
  const goOn = useGoOn();
  const { act } = useAct();
  const about = { penId: pen.id, sides: pen.sides.map(({ quantity }) => quantity), nowMs };
  const form = useForm<ProbeIn, unknown, ProbeOut>({
    resolver: zodResolver(probeFormSchema(about.sides, nowMs)),
    defaultValues: probeDefaults(about),
  });
  const draft = useFormDraft(`probe/${pen.id}`, form);
  const fit = form.handleSubmit(async (typed) => {
    if (!(await act(fitProbe(probeOf(typed, about))))) return;
    draft.forget();
    goOn.to(paths.pen(pen.id));
  });
  useKeyAct('save', fit);
  return (
    <Screen actions={<SaveBar label={probesSays.fittedStartItsLife} onSave={fit} />}>
      <Say size="large" face="slab" heading={1}>
        {probesSays.title(pen.body.code)}
      </Say>
      {probeLines(rows, pen.id, nowMs).map(({ id, text, now }) => (
        <Say key={id} bold={now}>
          {text}
        </Say>
      ))}
      <Panel>
        <Say bold>{probesSays.aNewProbe}</Say>
        <Say size="small" tone="soft">
          {probesSays.newProbeHint}
        </Say>
        <View style={styles.fields}>
          <DescribedFields control={form.control} fields={probeFields(about.sides, nowMs)} />
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({ fields: { gap: space.s2 } });

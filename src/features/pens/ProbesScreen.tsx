import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PenNotThere } from '@/features/parts/PenNotThere';
import { fitProbe } from '@/acts';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
import { DayField } from '@/features/parts/DayField';
import { SaveBar } from '@/features/parts/SaveBar';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Choice, TextField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import {
  EMPTY_PROBE,
  probeMessages,
  probeOf,
  type ProbeForm,
  type ProbeMessages,
} from './probeForm';
import { probeLines } from './probeLines';
import { paths } from '@/shell/navigation/paths';
import { probesSays } from '@/words/pens/probes';

/** The probes of a pen over its life, pH and EC apart; and fitting the next one. */
export function ProbesScreen() {
  const { penId } = useLocalSearchParams<{ penId: string }>();
  const nowMs = useNowMs();
  const goOn = useGoOn();
  const { act } = useAct();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const { data: rows } = useRows('probe');
  const [side, setSide] = useState<'ph' | 'ec'>();
  const [form, setForm] = useState(EMPTY_PROBE);
  const [wrong, setWrong] = useState<ProbeMessages>({});
  if (pen === null) return <PenNotThere />;
  if (!pen || !rows) return <Skeleton label={probesSays.loadingTheProbes} />;
  const sides = pen.sides.map(({ quantity }) => quantity);
  const chosen = side ?? sides[0] ?? 'ph';
  const field = (name: keyof ProbeForm) => ({
    typed: form[name],
    onType: (typed: string) => {
      setWrong({ ...wrong, [name]: undefined });
      setForm({ ...form, [name]: typed });
    },
    message: wrong[name] ? { text: wrong[name] } : undefined,
  });
  const fit = async () => {
    const messages = probeMessages(form, nowMs);
    setWrong(messages);
    if (Object.keys(messages).length > 0) return;
    const probe = probeOf(form, { penId, side: chosen, nowMs });
    if (await act(fitProbe(probe))) goOn.to(paths.pen(penId));
  };
  return (
    <Screen actions={<SaveBar label={probesSays.fittedStartItsLife} onSave={fit} />}>
      <Say size="large" face="slab" heading={1}>
        {probesSays.title(pen.body.code)}
      </Say>
      {probeLines(rows, penId, nowMs).map(({ id, text, now }) => (
        <Say key={id} bold={now}>
          {text}
        </Say>
      ))}
      <Panel>
        <Say bold>{probesSays.aNewProbe}</Say>
        <Say size="small" tone="soft">
          {probesSays.newProbeHint}
        </Say>
        {sides.length > 1 ? (
          <Choice
            label={probesSays.whichSide}
            value={chosen}
            onChoose={setSide}
            options={[
              { value: 'ph', label: 'pH' },
              { value: 'ec', label: 'EC' },
            ]}
          />
        ) : null}
        <View style={styles.fields}>
          <DayField label={probesSays.fittedOn} {...field('fitted')} hint={probesSays.emptyToday} />
          <TextField label={probesSays.itsNumber} {...field('serial')} />
          {chosen === 'ph' ? (
            <TextField
              label={probesSays.junction}
              {...field('junction')}
              hint={probesSays.junctionHint}
            />
          ) : null}
          <TextField label={probesSays.connector} {...field('connector')} />
          <DayField label={probesSays.boughtOn} {...field('bought')} />
          <DayField label={probesSays.guaranteeUntil} {...field('guarantee')} />
          <TextField label={probesSays.certificate} {...field('certificate')} />
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({ fields: { gap: space.s2 } });

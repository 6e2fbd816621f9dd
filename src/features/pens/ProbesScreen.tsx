import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { fitProbe } from '@/acts';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
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
  if (!pen || !rows) return <Skeleton label="Loading the probes" />;
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
    <Screen actions={<SaveBar label="Fitted: start its life" onSave={fit} />}>
      <Say size="large" face="slab" heading={1}>
        Probes of {pen.body.code}
      </Say>
      {probeLines(rows, penId, nowMs).map(({ id, text, now }) => (
        <Say key={id} bold={now}>
          {text}
        </Say>
      ))}
      <Panel>
        <Say bold>A new probe</Say>
        <Say size="small" tone="soft">
          Soak a pH probe before its first use. From here on its drift, gain and response count for
          the new one, and a check is due at once.
        </Say>
        {sides.length > 1 ? (
          <Choice
            label="Which side?"
            value={chosen}
            onChoose={setSide}
            options={[
              { value: 'ph', label: 'pH' },
              { value: 'ec', label: 'EC' },
            ]}
          />
        ) : null}
        <View style={styles.fields}>
          <TextField label="Fitted on" day {...field('fitted')} hint="Empty: today." />
          <TextField label="Its number" {...field('serial')} />
          {chosen === 'ph' ? (
            <TextField label="Junction" {...field('junction')} hint="ceramic, fibre, cloth, open" />
          ) : null}
          <TextField label="Connector" {...field('connector')} />
          <TextField label="Bought on" day {...field('bought')} />
          <TextField label="Guarantee until" day {...field('guarantee')} />
          <TextField label="Certificate" {...field('certificate')} />
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({ fields: { gap: space.s2 } });

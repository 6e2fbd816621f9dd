import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useAnswer, useAppend, useNowMs, useRows } from '@/book/react';
import { SaveBar } from '@/features/parts/SaveBar';
import { useGoOn } from '@/features/parts/useGoOn';
import { Choice, TextField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { probeLines } from './probeLines';

const EMPTY = { serial: '', junction: '', connector: '', fitted: '', certificate: '' };

/** The probes of a pen over its life, pH and EC apart; and fitting the next one. */
export function ProbesScreen() {
  const { penId } = useLocalSearchParams<{ penId: string }>();
  const nowMs = useNowMs();
  const goOn = useGoOn();
  const append = useAppend();
  const { data: pen } = useAnswer(['pen', penId], (client) => client.pen(penId, nowMs), nowMs);
  const { data: rows } = useRows('probe');
  const [side, setSide] = useState<'ph' | 'ec'>();
  const [form, setForm] = useState(EMPTY);
  const [wrong, setWrong] = useState('');
  if (!pen || !rows) return <Skeleton label="Loading the probes" />;
  const sides = pen.sides.map(({ quantity }) => quantity);
  const chosen = side ?? sides[0] ?? 'ph';
  const set = (field: keyof typeof EMPTY) => (typed: string) => {
    setWrong('');
    setForm({ ...form, [field]: typed });
  };
  const fit = async () => {
    const fittedMs = form.fitted === '' ? nowMs : Date.parse(form.fitted);
    if (!Number.isFinite(fittedMs) || fittedMs > nowMs) return setWrong('A day that has been.');
    const fittedAt = new Date(fittedMs).toISOString();
    const { serial, junction, connector, certificate } = form;
    const probe = {
      penId,
      side: chosen,
      fittedAt,
      serial,
      junction,
      connector,
      certificate,
      note: '',
    };
    const event = { penId, side: chosen, what: 'newProbe' as const, at: fittedAt, note: serial };
    await append.mutateAsync([
      { kind: 'probe', body: probe },
      { kind: 'careEvent', body: event },
    ]);
    goOn.to(`/pens/${penId}`);
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
          <TextField
            label="Fitted on"
            day
            typed={form.fitted}
            onType={set('fitted')}
            hint="Empty: today."
            message={wrong ? { text: wrong } : undefined}
          />
          <TextField label="Its number" typed={form.serial} onType={set('serial')} />
          {chosen === 'ph' ? (
            <TextField
              label="Junction"
              typed={form.junction}
              onType={set('junction')}
              hint="ceramic, fibre, cloth, open"
            />
          ) : null}
          <TextField label="Connector" typed={form.connector} onType={set('connector')} />
          <TextField label="Certificate" typed={form.certificate} onType={set('certificate')} />
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({ fields: { gap: space.s2 } });

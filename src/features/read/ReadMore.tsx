import { MINUTE_MS } from '@/core/units';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SAMPLES, type Sample } from '@/records/samples';
import { Button } from '@/ui/button';
import { MomentField, SelectField, TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { space } from '@/ui/tokens';
import { SAMPLE_NAME } from '@/words';
import { earlierChoices, localInput, momentTyped, takenWords } from '@/words/read/earlier';
import type { useReadForm } from './useReadForm';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { readSays } from '@/words/read/read';
import type { TankId } from '@/records';

interface Props {
  readonly form: ReturnType<typeof useReadForm>;
  readonly tankId: TankId;
  readonly nowMs: number;
}

type Open = 'when' | 'what' | 'more' | undefined;

/** What is not needed each time: when, what was read, another dip, level, laboratory, note. */
export function ReadMore({ form, tankId, nowMs }: Props) {
  const [open, setOpen] = useState<Open>();
  const { about, view } = form;
  const toggle = (part: Open) => () => setOpen(open === part ? undefined : part);
  return (
    <>
      <View style={styles.bar}>
        <Button
          kind="text"
          label={readSays.whenIs(takenWords(about.takenMs, nowMs))}
          onPress={toggle('when')}
        />
        <Button
          kind="text"
          label={readSays.whatIs(SAMPLE_NAME[about.sample].toLowerCase())}
          onPress={toggle('what')}
        />
        {view.ph.value !== undefined && !view.ph.message ? (
          <Button kind="text" label={readSays.dipPhAgain} onPress={() => form.dipAgain('ph')} />
        ) : null}
        {view.ec.value !== undefined && !view.ec.message ? (
          <Button kind="text" label={readSays.dipEcAgain} onPress={() => form.dipAgain('ec')} />
        ) : null}
        <Button kind="text" label={readSays.levelLaboratoryNote} onPress={toggle('more')} />
      </View>
      {open === 'when' ? (
        <When form={form} nowMs={nowMs} onDone={() => setOpen(undefined)} />
      ) : null}
      {open === 'what' ? <What form={form} tankId={tankId} /> : null}
      {open === 'more' ? <More form={form} /> : null}
    </>
  );
}

/** Two taps to an earlier time; anything else by the browser's own field. */
function When({
  form,
  nowMs,
  onDone,
}: {
  readonly form: Props['form'];
  readonly nowMs: number;
  readonly onDone: () => void;
}) {
  const { about, setAbout } = form;
  const [typed, setTyped] = useState(localInput(about.takenMs ?? nowMs));
  const take = (takenMs: number | undefined) => setAbout({ ...about, takenMs });
  const wrong = momentTyped(typed, nowMs + MINUTE_MS) === undefined;
  return (
    <Panel>
      <View style={styles.choices}>
        <Button
          label={readSays.now}
          onPress={() => {
            take(undefined);
            onDone();
          }}
        />
        {earlierChoices(nowMs).map(({ label, ms }) => (
          <Button
            key={label}
            label={label}
            onPress={() => {
              take(ms);
              onDone();
            }}
          />
        ))}
      </View>
      <MomentField
        label={readSays.orAt}
        typed={typed}
        onType={(text) => {
          setTyped(text);
          const ms = momentTyped(text, nowMs);
          if (ms !== undefined) take(ms);
        }}
        message={wrong ? { text: readSays.momentMessage } : undefined}
      />
    </Panel>
  );
}

/** What the pen was dipped into; each kind has a chart and bands of its own. */
function What({ form, tankId }: { readonly form: Props['form']; readonly tankId: TankId }) {
  const router = useRouter();
  const { about, setAbout } = form;
  return (
    <Panel>
      <SelectField
        label={readSays.whatIsRead}
        value={about.sample}
        options={SAMPLES.map((value) => ({ value, label: SAMPLE_NAME[value] }))}
        onChoose={(sample) => setAbout({ ...about, sample: sample as Sample })}
      />
      {about.sample === 'tank' ? null : (
        <Button
          kind="text"
          label={readSays.setItsBand}
          onPress={() => router.navigate(paths.bands(tankId, about.sample))}
        />
      )}
    </Panel>
  );
}

/** Level, what a laboratory found in the same sample, and a note. */
function More({ form }: { readonly form: Props['form'] }) {
  const { typed, type, view, formats } = form;
  return (
    <Panel>
      <NumberField
        label={readSays.inTheTank}
        unit={formats.settings.volumeUnit}
        typed={typed.level}
        onType={type('level')}
        message={view.level.message}
        size="large"
      />
      <NumberField
        label={readSays.laboratorysPh}
        unit=""
        typed={typed.labPh}
        onType={type('labPh')}
        message={view.labPh.message}
        size="large"
      />
      <NumberField
        label={readSays.laboratorysEc}
        unit="mS/cm"
        typed={typed.labEc}
        onType={type('labEc')}
        message={view.labEc.message}
        size="large"
      />
      <TextField label={commonSays.note} typed={typed.note} onType={type('note')} />
    </Panel>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', flexWrap: 'wrap' },
  choices: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});

import { StyleSheet, View } from 'react-native';
import { changeSettings } from '@/acts';
import type { PenAnswer, ReadAnswer, TankAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { useKeyAct } from '@/shell/keys/Keys';
import { useBack } from '@/shell/navigation/useBack';
import { bandsOf, type Sample } from '@/records/samples';
import { useLater } from '@/shell/useLater';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { inBackground } from '@/trouble';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { ago, SAMPLE_HINT, SCALE_LABEL, stepTyped, type FormatSettings } from '@/words';
import { commonSays } from '@/words/common';
import { readSays } from '@/words/read/read';
import { DipsLine } from './DipsLine';
import { LiveVerdict } from './LiveVerdict';
import { PenLine } from './PenLine';
import { ReadMore } from './ReadMore';
import type { ReadTyped } from './readModel';
import type { Saved } from './SavedReading';
import { useReadForm } from './useReadForm';

interface Props {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer;
  readonly nowMs: number;
  readonly initial: ReadTyped;
  readonly sample: Sample;
  readonly onSaved: (saved: Saved) => void;
}

/** The fields of Read, with the verdict as it comes. */
export function ReadForm(props: Props) {
  const { tank, nowMs } = props;
  const back = useBack();
  const form = useReadForm(props);
  const later = useLater(true);
  const { formats, typed, type, view, phPen, ecPen } = form;
  const changeTempUnit = useChangeTempUnit(formats.settings);
  useKeyAct('save', form.save);
  const { latest } = tank;
  const step = (field: 'ph' | 'ec', pen: PenAnswer, from: number) => (direction: 1 | -1) => {
    const resolution = field === 'ph' ? pen.body.ph!.resolutionPh : pen.body.ec!.resolution;
    type(field)(stepTyped(typed[field], { direction, resolution, from, formats }));
  };
  const bands = bandsOf(tank.body, form.about.sample);
  const middle = (band = { low: 0, high: 0 }) => (band.low + band.high) / 2;
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.close} onPress={back} />
          <Button
            kind="main"
            wet
            grow
            label={form.surprise ? readSays.keepIt : readSays.save}
            disabled={form.saving}
            onPress={form.save}
          />
        </>
      }
    >
      <View>
        <Say size="large" face="slab" heading={1}>
          {readSays.title(tank.body.name)}
        </Say>
        <Say size="small" tone="soft">
          {form.about.sample === 'tank'
            ? readSays.howToRead(latest ? readSays.lastRead(ago(latest.atMs, nowMs)) : '')
            : SAMPLE_HINT[form.about.sample]}
        </Say>
      </View>
      {phPen?.body.ph ? (
        <Panel>
          <DipsLine quantity="ph" form={form} />
          <NumberField
            label="pH"
            unit=""
            typed={typed.ph}
            onType={type('ph')}
            onStep={step('ph', phPen, latest?.ph?.shown ?? middle(tank.body.phBand))}
            message={view.ph.message}
            onEnter={ecPen?.body.ec || later ? 'next' : form.save}
            autoFocus={typed.ph === '' || 'goOn'}
            takesDigits
          />
          <LiveVerdict quantity="ph" judged={view.ph.judged} band={bands.ph} />
          <PenLine
            quantity="ph"
            pen={phPen}
            pens={form.phPens}
            nowMs={nowMs}
            onChoose={form.choosePen}
          />
        </Panel>
      ) : null}
      {ecPen?.body.ec ? (
        <Panel>
          <DipsLine quantity="ec" form={form} />
          <NumberField
            label={readSays.ec}
            unit={SCALE_LABEL[ecPen.body.ec.scale]}
            typed={typed.ec}
            onType={type('ec')}
            onStep={step('ec', ecPen, latest?.ec?.shown ?? middle(tank.body.ecBand))}
            message={view.ec.message}
            onEnter={later ? 'next' : form.save}
            autoFocus={phPen?.body.ph ? false : typed.ec === '' || 'goOn'}
          />
          <LiveVerdict quantity="ec" judged={view.ec.judged} band={bands.ec} />
          <PenLine
            quantity="ec"
            pen={ecPen}
            pens={form.ecPens}
            nowMs={nowMs}
            onChoose={form.choosePen}
          />
        </Panel>
      ) : null}
      {later ? (
        <>
          <Panel>
            <NumberField
              label={commonSays.temp}
              unit={formats.settings.tempUnit}
              typed={typed.temp}
              onType={type('temp')}
              onUnit={changeTempUnit}
              message={view.temp.message}
              onEnter={form.save}
              size="large"
            />
          </Panel>
          <ReadMore form={form} tankId={tank.id} nowMs={nowMs} />
        </>
      ) : null}
      {form.surprise ? (
        <Panel tone="wash">
          <View role="alert">
            <Say bold>{form.surprise}</Say>
          </View>
        </Panel>
      ) : null}
      {form.failure ? (
        <View role="alert" style={styles.failure}>
          <Say bold tone="off">
            {form.failure}
          </Say>
        </View>
      ) : null}
    </Screen>
  );
}

/** Tapping the unit changes it for the whole book. */
function useChangeTempUnit(settings: FormatSettings) {
  const { act } = useAct();
  return () => {
    const tempUnit = settings.tempUnit === '°C' ? ('°F' as const) : ('°C' as const);
    inBackground('settings', act(changeSettings({ ...settings, tempUnit })));
  };
}

const styles = StyleSheet.create({ failure: { paddingVertical: space.s2 } });

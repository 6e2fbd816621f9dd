import { StyleSheet, View } from 'react-native';
import type { ReadAnswer, TankAnswer } from '@/book/answers';
import { useKeyAct } from '@/shell/keys/Keys';
import { useBack } from '@/shell/navigation/useBack';
import type { Sample } from '@/records/samples';
import { useLater } from '@/shell/useLater';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { ago, SAMPLE_HINT } from '@/words';
import { commonSays } from '@/words/common';
import { readSays } from '@/words/read/read';
import { ConnectHere, LiveReading } from './LiveReading';
import { ReadFields } from './ReadFields';
import { ReadMore } from './ReadMore';
import type { ReadTyped } from './readModel';
import { StandingLine } from './StandingLine';
import type { Saved } from './SavedReading';
import { useReadForm } from './useReadForm';
import type { PenId } from '@/records';

interface Props {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer;
  readonly nowMs: number;
  readonly initial: ReadTyped;
  readonly sample: Sample;
  readonly penId?: PenId | undefined;
  readonly onSaved: (saved: Saved) => void;
}

/** The fields of Read, with the verdict as it comes. */
export function ReadForm(props: Props) {
  const { tank, nowMs } = props;
  const back = useBack();
  const form = useReadForm(props);
  const later = useLater(true);
  useKeyAct('save', form.save);
  const { latest } = tank;
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
      <StandingLine
        tankId={tank.id}
        sample={form.about.sample}
        untilMs={props.answer.standing[tank.id]}
        nowMs={nowMs}
      />
      <LiveReading form={form} />
      <ReadFields form={form} tank={tank} nowMs={nowMs} />
      {later ? <ReadMore form={form} tankId={tank.id} nowMs={nowMs} /> : null}
      {later ? <ConnectHere form={form} tank={tank} /> : null}
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

const styles = StyleSheet.create({ failure: { paddingVertical: space.s2 } });

import { View } from 'react-native';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { QUANTITY_NAME } from '@/words';
import { decideSays, rinsingAtEnd } from '@/words/bench/decide';
import { leftOutAdvice } from '@/words/bench/missWords';
import { commonSays } from '@/words/common';
import { CleaningSteps } from './CleaningSteps';
import { CupsStrip } from './CupsStrip';
import { DipTables } from './DipTable';
import { FoundLookBack } from './FoundLookBack';
import { StoreChoice } from './StoreChoice';
import { useFinish, type Finishing } from './useFinish';

/** The verdict of the sitting, and putting it into the book. */
export function FinishStep(finishing: Finishing) {
  const { pen, bench, plan, outcome, then } = finishing;
  const { saving, save, cap, setCap, asksCap, sentences, cleanedMayDo } = useFinish(finishing);
  const { events, note = '' } = bench.draft;
  return (
    <Screen
      actions={
        <>
          <Button
            kind={cleanedMayDo ? 'quiet' : 'main'}
            wet
            grow={!cleanedMayDo}
            label={then ? decideSays.saveThen(QUANTITY_NAME[then]) : decideSays.saveTheCheck}
            disabled={saving}
            onPress={save}
          />
          {cleanedMayDo ? (
            <Button
              kind="main"
              wet
              grow
              label={decideSays.cleanedDipAgain}
              disabled={saving}
              onPress={() => bench.cleanedDipAgain(outcome)}
            />
          ) : null}
        </>
      }
    >
      <CupsStrip plan={plan} events={events} />
      <View role="status" aria-live="polite">
        <Say size="huge" face="slab" heading={1}>
          {cleanedMayDo ? decideSays.isOutOfTolerance(pen.body.code) : sentences.join(' ')}
        </Say>
      </View>
      <Panel>
        <DipTables plan={plan} draft={bench.draft} />
      </Panel>
      {outcome === 'leftOut' ? <Say>{leftOutAdvice(plan, events)}</Say> : null}
      {cleanedMayDo ? (
        <>
          <Say>{decideSays.cleanNow}</Say>
          <CleaningSteps quantity={plan.quantity} />
        </>
      ) : null}
      <Say size="small" tone="soft">
        {decideSays.portionsComeOffLots(rinsingAtEnd(then, asksCap))}
      </Say>
      {asksCap ? <StoreChoice value={cap} onChoose={setCap} /> : null}
      <TextField label={commonSays.note} typed={note} onType={bench.writeNote} />
      {outcome === 'leftOut' && !plan.adjustable ? (
        <FoundLookBack plan={plan} draft={bench.draft} good={false} />
      ) : null}
    </Screen>
  );
}

import { View } from 'react-native';
import type { BookNames } from '@/book/answers';
import { questions, useAnswer } from '@/book/react';
import { useBack } from '@/shell/navigation/useBack';
import { inBackground } from '@/trouble';
import { Button } from '@/ui/button';
import { FileField } from '@/ui/form';
import { HowFar, Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { makingSays } from '@/words/bookfile/making';
import { commonSays } from '@/words/common';
import { intakeSays } from '@/words/intake/intake';
import { tableRefusal } from '@/words/intake/rowTroubles';
import { HowRead } from './HowRead';
import { IntakePreview } from './IntakePreview';
import { NameFields } from './NameFields';
import { TakenBefore } from './TakenBefore';
import { useIntake, type Intake } from './useIntake';
import type { TypedWish } from './wish';

/** A table of another program: opened, read as it seems to be, put right, seen, then taken in. */
export function TakeInScreen() {
  const back = useBack();
  const { data: names } = useAnswer(questions.bookNames());
  const intake = useIntake();
  if (!names) return <Skeleton label={commonSays.loading} />;
  const { step, typed, preview, reading, stopped } = intake;
  const ready = preview && !reading && !stopped ? preview.ready : 0;
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          {typed && preview && ready > 0 ? (
            <Button
              kind="main"
              wet
              grow
              label={intakeSays.take(ready, preview.subject)}
              disabled={step.kind === 'taking'}
              onPress={() => inBackground('table', intake.take())}
            />
          ) : null}
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {intakeSays.title}
      </Say>
      <Say size="small">{intakeSays.whatFor}</Say>
      <Say size="small">{intakeSays.nothingYet}</Say>
      <FileField
        label={intakeSays.file}
        accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
        onFile={(file) => inBackground('table', intake.open(file))}
      />
      <View role="status" aria-live="polite">
        {step.kind === 'opening' ? <Say size="small">{intakeSays.opening}</Say> : null}
        {step.kind === 'taken' ? (
          <Say bold tone="fit">
            {intakeSays.taken(step.count, step.subject)}
          </Say>
        ) : null}
      </View>
      {step.kind === 'taking' ? (
        <HowFar said={intakeSays.taking(Math.round(100 * step.share))} share={step.share}>
          <Button kind="text" label={makingSays.stop} onPress={intake.stopTaking} />
        </HowFar>
      ) : null}
      {step.kind === 'refused' ? (
        <View role="alert">
          <Say bold tone="off">
            {tableRefusal(step.refusal)}
          </Say>
        </View>
      ) : null}
      {typed ? <OpenTable {...{ intake, typed, names }} /> : null}
      {typed ? null : <TakenBefore />}
    </Screen>
  );
}

interface TableProps {
  readonly intake: Intake;
  readonly typed: TypedWish;
  readonly names: BookNames;
}

/** The table that lies open: how it is read, whose names are whose, and what it brings. */
function OpenTable({ intake, typed, names }: TableProps) {
  const { preview, progress, reading, stopped, change } = intake;
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {intakeSays.howRead}
      </Say>
      <Say size="small">{intakeSays.opened(intake.file, typed.seen.rows)}</Say>
      {typed.seen.remembered ? <Say size="small">{intakeSays.remembered}</Say> : null}
      <HowRead
        key={intake.file}
        typed={typed}
        onChange={change}
        onLook={(at) => inBackground('table', intake.look(at))}
      />
      {preview ? (
        <>
          <Say size="large" face="slab" heading={2}>
            {intakeSays.names}
          </Say>
          <NameFields {...{ typed, preview, names }} onChange={change} />
        </>
      ) : null}
      <Say size="large" face="slab" heading={2}>
        {intakeSays.brings}
      </Say>
      {reading ? (
        <Panel tone="wash">
          <Say size="small">{intakeSays.reading(progress ?? 0, typed.seen.rows)}</Say>
          <Button label={intakeSays.cancel} onPress={intake.stop} />
        </Panel>
      ) : null}
      {stopped ? <Button label={intakeSays.readAgain} onPress={intake.goOn} /> : null}
      {preview && !stopped ? (
        <IntakePreview
          preview={preview}
          saved={intake.saved}
          onSaveRejected={() => inBackground('table', intake.saveRejected())}
        />
      ) : null}
    </>
  );
}

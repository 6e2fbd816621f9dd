import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { cupTarget, cupTempC, type BenchPlan, type BenchStep, type Cup } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { stillWatch } from '@/timers';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal, stepTyped } from '@/words';
import { shownText, shownUnit, targetLine } from '@/words/bench/benchWords';
import { dipSays, tryLine } from '@/words/bench/dip';
import { dipMessage, type DipMessage } from '@/words/bench/dipMessage';
import { dipTitle, pressLine } from '@/words/bench/pressWords';
import { commonSays } from '@/words/common';
import { ConnectPen } from './ConnectPen';
import { CupsStrip } from './CupsStrip';
import { CupTemp } from './CupTemp';
import { DipTarget } from './DipTarget';
import { PenErrors } from './PenErrors';
import { PowerLine, SittingTroubles } from './PowerLine';
import { StillPanel } from './StillPanel';
import type { Bench } from './useBench';

interface Props {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly step: Extract<BenchStep, { kind: 'dip' }>;
}

/** One dip: what to do in the hand, what it must show, the stillness watch, the value shown. */
export function DipStep({ pen, bench, plan, step }: Props) {
  const router = useRouter();
  const formats = useFormats();
  const { phase, attempt } = step;
  const { typed, also, events } = bench.draft;
  // One cup for both sides is named by its pH.
  const cup = also ? plan.cups[0]! : step.cup;
  const alsoCup = also?.plan.cups[0];
  const [message, setMessage] = useState<DipMessage>();
  const [alsoMessage, setAlsoMessage] = useState<DipMessage>();
  const press = plan.quantity === 'ph' ? pen.body.ph?.press : pen.body.ec?.press;
  const { display } = pen.body;
  const parsed = parseDecimal(typed);
  const again = message?.again;

  const take = (sure: boolean) => {
    const at = { phase, attempt, pen };
    const insisted = (found: DipMessage | undefined) => !found || (sure && found.sure);
    const found = dipMessage({ ...at, plan, cup, typed, events }, formats);
    const alsoFound =
      also && alsoCup ? dipMessage({ ...at, ...also, cup: alsoCup }, formats) : undefined;
    const second = also ? parseDecimal(also.typed) : undefined;
    if (!parsed.ok || second?.ok === false || !insisted(found) || !insisted(alsoFound)) {
      setMessage(found);
      return setAlsoMessage(alsoFound);
    }
    const { nowMs: atMs } = thisMoment();
    const { settleS } = stillWatch(bench.draft, atMs);
    const read = (cupId: string, shown: number) =>
      ({ type: 'read', phase, cupId, shown, atMs, settleS }) as const;
    bench.read(
      read(cup.id, parsed.value),
      second?.ok && alsoCup ? [read(alsoCup.id, second.value)] : [],
    );
  };
  /** One digit up or down from what is typed, or from what it should show. */
  const stepped = (of: { plan: BenchPlan; cup: Cup; typed: string }, direction: 1 | -1) => {
    const at = cupTarget(of.plan, of.cup);
    const from = at.ok ? at.value.target : 0;
    return stepTyped(of.typed, { direction, resolution: of.plan.resolution, from, formats });
  };
  const onType = (text: string) => {
    setMessage(undefined);
    bench.type(text);
  };
  const onTypeAlso = (text: string) => {
    setAlsoMessage(undefined);
    bench.typeAlso(text);
  };
  const sure = message?.sure ?? alsoMessage?.sure;
  return (
    <Screen
      actions={
        <>
          <Button
            wet
            label={dipSays.leave}
            name={dipSays.leaveSittingKept}
            onPress={() => router.navigate(paths.pen(pen.id))}
          />
          <Button
            kind="main"
            wet
            grow
            label={
              parsed.ok
                ? dipSays.record(shownText(plan, parsed.value, formats))
                : dipSays.recordNothing
            }
            onPress={() => take(false)}
          />
        </>
      }
    >
      <CupsStrip plan={plan} events={events} now={{ phase, cupId: cup.id }} />
      <Panel>
        <Say size="large" face="slab" heading={1}>
          {dipTitle(phase, cup, { press, display, formats })}
        </Say>
        {attempt > 1 ? (
          <Say size="small" tone="attention" bold>
            {tryLine(attempt)}
          </Say>
        ) : null}
        <View style={styles.targets}>
          <DipTarget {...{ plan, events, cup, phase }} beside={also !== undefined} />
          {also && alsoCup ? <DipTarget {...also} cup={alsoCup} phase={phase} beside /> : null}
        </View>
        <Say size="small">
          {press
            ? pressLine(phase, press, targetLine(plan, cup, formats).value, {
                cup,
                at: plan.cups.indexOf(cup),
                display,
              })
            : ''}
        </Say>
        <PowerLine {...{ pen, bench, plan }} />
        <StillPanel
          bench={bench}
          plan={plan}
          whenStill={phase === 'asLeft' ? dipSays.adjustNow : dipSays.typeWhatItShows}
          penCode={pen.body.code}
          onStill={phase === 'asLeft' || also ? undefined : () => take(false)}
        />
        <NumberField
          label={commonSays.shows}
          unit={shownUnit(plan)}
          typed={typed}
          onType={onType}
          message={message}
          onStep={(direction) => onType(stepped({ plan, cup, typed }, direction))}
          onEnter={also ? 'next' : () => take(false)}
          autoFocus={typed === '' || 'goOn'}
          takesDigits
        />
        {also && alsoCup ? (
          <NumberField
            label={commonSays.shows}
            unit={shownUnit(also.plan)}
            typed={also.typed}
            onType={onTypeAlso}
            message={alsoMessage}
            onStep={(direction) => onTypeAlso(stepped({ ...also, cup: alsoCup }, direction))}
            onEnter={() => take(false)}
          />
        ) : null}
        {phase === 'asLeft' && press?.endsUnseen ? (
          <View style={styles.sure}>
            <Button
              label={dipSays.itEndedNotSeen}
              onPress={() => bench.add({ type: 'unseen', phase: 'asLeft', cupId: cup.id })}
            />
          </View>
        ) : null}
        {sure ? (
          <View style={styles.sure}>
            <Button label={sure} onPress={() => take(true)} />
            {again ? (
              <Button
                label={again.label}
                onPress={() => bench.add({ type: 'repeat', phase, cupId: again.cup.id })}
              />
            ) : null}
          </View>
        ) : null}
      </Panel>
      <ConnectPen pen={pen} cup={cup} tempC={cupTempC(plan, cup)} adjusts={phase === 'asLeft'} />
      {press ? <PenErrors {...{ press, bench, cup, phase }} /> : null}
      <CupTemp {...{ bench, plan, cup }} />
      <SittingTroubles {...{ pen, bench, plan }} />
    </Screen>
  );
}

const styles = StyleSheet.create({
  targets: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s5 },
  sure: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, paddingTop: space.s1 },
});

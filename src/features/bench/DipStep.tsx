import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { cupTarget, type BenchPlan, type BenchStep } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { stillWatch } from '@/timers';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal, stepTyped } from '@/words';
import { dipMessage } from '@/words/bench/dipMessage';
import {
  dipTitle,
  foundLine,
  pressLine,
  shownText,
  shownUnit,
  targetLine,
  windowLine,
} from '@/words/bench/benchWords';
import { CupsStrip } from './CupsStrip';
import { PenErrors } from './PenErrors';
import { PowerLine, SittingTroubles } from './PowerLine';
import { StillPanel } from './StillPanel';
import type { Bench } from './useBench';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { dipSays } from '@/words/bench/dip';

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
  const { phase, cup, attempt } = step;
  const { typed } = bench.draft;
  const [message, setMessage] = useState<ReturnType<typeof dipMessage>>();
  const target = targetLine(plan, cup, formats);
  const press = plan.quantity === 'ph' ? pen.body.ph?.press : pen.body.ec?.press;
  const parsed = parseDecimal(typed);
  const again = message?.again;
  const verb = phase === 'asLeft' ? dipSays.itTook : dipSays.itShows;

  const take = (sure: boolean) => {
    const { events } = bench.draft;
    const found = dipMessage({ plan, cup, typed, phase, events, attempt, pen }, formats);
    if (!parsed.ok || (found && !(sure && found.sure))) return setMessage(found);
    const { nowMs: atMs } = thisMoment();
    const { settleS } = stillWatch(bench.draft, atMs);
    bench.add({
      type: 'read',
      phase,
      cupId: cup.id,
      shown: parsed.value,
      atMs,
      settleS,
    });
  };
  const stepBy = (direction: 1 | -1) => {
    const at = cupTarget(plan, cup);
    const from = at.ok ? at.value.target : 0;
    const { resolution } = plan;
    setMessage(undefined);
    bench.type(stepTyped(typed, { direction, resolution, from, formats }));
  };
  const label = parsed.ok ? `${verb} ${shownText(plan, parsed.value, formats)}` : `${verb}…`;
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
          <Button kind="main" wet grow label={label} onPress={() => take(false)} />
        </>
      }
    >
      <CupsStrip plan={plan} events={bench.draft.events} now={{ phase, cupId: cup.id }} />
      <Panel>
        <Say size="large" face="slab" heading={1}>
          {dipTitle(phase, cup, formats)}
        </Say>
        {attempt > 1 ? (
          <Say size="small" tone="attention" bold>
            {dipSays.tryNumber(attempt)}
          </Say>
        ) : null}
        <View style={styles.target}>
          <Say size="small" tone="soft">
            {dipSays.shouldShow}
          </Say>
          <Say size="hero" face="mono" bold>
            {target.value} <Say tone="soft">{shownUnit(plan)}</Say>
          </Say>
          <Say size="small" bold>
            {windowLine(plan, cup, phase, formats)}
          </Say>
          <Say size="small" tone="soft">
            {target.from}
            {foundLine(plan, bench.draft.events, cup, phase, formats)}
          </Say>
        </View>
        <Say size="small">
          {press ? pressLine(phase, press, target.value, { cup, at: plan.cups.indexOf(cup) }) : ''}
        </Say>
        <PowerLine {...{ pen, bench, plan }} />
        <StillPanel
          bench={bench}
          plan={plan}
          whenStill={phase === 'asLeft' ? dipSays.adjustNow : dipSays.typeWhatItShows}
        />
        <NumberField
          label={commonSays.shows}
          unit={shownUnit(plan)}
          typed={typed}
          onType={(text) => {
            setMessage(undefined);
            bench.type(text);
          }}
          message={message}
          onStep={stepBy}
          onEnter={() => take(false)}
          autoFocus={typed === '' || 'goOn'}
          takesDigits
        />
        {phase === 'asLeft' && press?.endsUnseen ? (
          <View style={styles.sure}>
            <Button
              label={dipSays.itEndedNotSeen}
              onPress={() => bench.add({ type: 'unseen', phase: 'asLeft', cupId: cup.id })}
            />
          </View>
        ) : null}
        {message?.sure ? (
          <View style={styles.sure}>
            <Button label={message.sure} onPress={() => take(true)} />
            {again ? (
              <Button
                label={again.label}
                onPress={() => bench.add({ type: 'repeat', phase, cupId: again.cup.id })}
              />
            ) : null}
          </View>
        ) : null}
      </Panel>
      {press && phase === 'asLeft' ? <PenErrors press={press} cup={cup} /> : null}
      <SittingTroubles {...{ pen, bench, plan }} />
    </Screen>
  );
}

const styles = StyleSheet.create({
  target: { gap: 0 },
  sure: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, paddingTop: space.s1 },
});

import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import type { EcDoseAnswer } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import type { EcPlan } from '@/core/dosing';
import type { TankId } from '@/records';
import { useFormats } from '@/shell/formats';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { ecSays } from '@/words/dose/ec';
import { EC_STOP_WORDS, ecPlanWords } from '@/words/dose/ecPlan';
import { PourBar } from './PourBar';
import { StockPoured } from './StockPoured';
import { useEc, volumesOf } from './useEc';
import { wayOnFromEc } from './wayOn';

/** EC: stock A and B to raise it, water to thin it, with what the tank can hold. */
export function EcScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.ecDose(tankId, nowMs));
  if (!data) return <Skeleton label={ecSays.loadingTheEc} />;
  return <Ec answer={data} nowMs={nowMs} />;
}

function Ec({ answer, nowMs }: { readonly answer: EcDoseAnswer; readonly nowMs: number }) {
  const { ecUnit: unit } = useFormats();
  const { tank, reading } = answer;
  const { plan, pour, busy, aim, gain, unknownGain, water } = useEc(answer, nowMs);
  const wayOn =
    plan.kind === 'stop' ? wayOnFromEc(plan.why, { tankId: tank.id, reading }) : undefined;
  return (
    <Screen
      actions={
        <PourBar
          label={plan.kind === 'stop' ? undefined : ecSays.pouredStartMixing}
          busy={busy}
          onPour={pour}
          wayOn={wayOn}
        />
      }
    >
      <Head answer={answer} />
      <Panel tone="wash">
        <View role="status" aria-live="polite">
          <Plan plan={plan} />
        </View>
      </Panel>
      <Panel>
        <NumberField label={commonSays.aim} unit={unit} {...aim} size="large" />
      </Panel>
      {gain ? (
        <Panel>
          <NumberField label={ecSays.eachAdds} unit={unit} {...gain} size="large" />
          <Say size="small" tone="soft">
            {ecSays.fromLabel}
          </Say>
        </Panel>
      ) : null}
      {unknownGain ? <StockPoured answer={answer} /> : null}
      {water ? (
        <Panel>
          <NumberField label={ecSays.ecOfYourWater} unit={unit} {...water} size="large" />
        </Panel>
      ) : null}
      <Panel tone="caution">
        <Say bold>{ecSays.neverTogether}</Say>
        <Say size="small">{ecSays.caution}</Say>
      </Panel>
    </Screen>
  );
}

/** The tank, what it reads, its band and how much it holds. */
function Head({ answer }: { readonly answer: EcDoseAnswer }) {
  const formats = useFormats();
  const { tank, reading } = answer;
  const judged = reading?.ec?.judged;
  const pair = judged && formats.ecPair(judged.value, judged.budget.expandedU);
  const { low, high } = tank.body.ecBand;
  const { volumeL, capacityL } = volumesOf(answer);
  return (
    <View>
      <Say size="large" face="slab" heading={1}>
        {ecSays.title(tank.body.name)}
      </Say>
      <Say size="small">
        {ecSays.volumeOf({
          shown: pair
            ? ecSays.shownAndBand({
                value: pair.value,
                margin: pair.plusMinus,
                unit: formats.ecUnit,
                low: formats.ec(low),
                high: formats.ec(high),
              })
            : '',
          volume: formats.volume(volumeL),
          most: formats.volume(capacityL),
        })}
      </Say>
    </View>
  );
}

function Plan({ plan }: { readonly plan: EcPlan }) {
  const formats = useFormats();
  if (plan.kind === 'stop') {
    const { what, wayOn } = EC_STOP_WORDS[plan.why];
    return (
      <>
        <Say size="large" face="slab">
          {what}
        </Say>
        <Say>{wayOn}</Say>
      </>
    );
  }
  const words = ecPlanWords(plan, formats);
  return (
    <>
      <Say size="large" face="mono" bold>
        {words.amount}
      </Say>
      <Say>{words.how}</Say>
      <Say size="small" tone="soft">
        {words.basis}
      </Say>
    </>
  );
}

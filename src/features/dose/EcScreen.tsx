import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { correctEc } from '@/acts';
import type { EcDoseAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useBack } from '@/shell/navigation/useBack';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { parseDecimal, type Formats } from '@/words';
import { ecAdditions, ecPlan, volumesOf, watersEc } from './ecModel';
import { EC_STOP_WORDS, ecPlanWords } from './ecWords';
import { StockPoured } from './StockPoured';
import { wayOnFromEc } from './wayOn';
import { WayOnButton } from './WayOnButton';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { ecSays } from '@/words/dose/ec';
import { MOST_AIM_EC_MS_PER_CM } from '@/core/dosing';
import type { TankId } from '@/records';

/** EC: stock A and B to raise it, water to thin it, with what the tank can hold. */
export function EcScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.ecDose(tankId, nowMs));
  if (!data) return <Skeleton label={ecSays.loadingTheEc} />;
  return <Ec answer={data} nowMs={nowMs} />;
}

/** An EC as typed, mS/cm; undefined when nothing or nonsense stands there. */
const typedEcIn = (typed: string, formats: Formats, above = 0) => {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return undefined;
  const ecMsPerCm = formats.ecFromTyped(parsed.value);
  return ecMsPerCm > above && ecMsPerCm <= MOST_AIM_EC_MS_PER_CM ? ecMsPerCm : undefined;
};

function Ec({ answer, nowMs }: { readonly answer: EcDoseAnswer; readonly nowMs: number }) {
  const back = useBack();
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { tank, reading } = answer;
  const [aim, setAim] = useState('');
  const [gain, setGain] = useState('');
  const [water, setWater] = useState('');
  const labelGainMsPerCm = typedEcIn(gain, formats);
  const plan = ecPlan(answer, {
    aimMsPerCm: typedEcIn(aim, formats),
    labelGainMsPerCm,
    waterMsPerCm: typedEcIn(water, formats, -1e-9),
    nowMs,
  });
  const judged = reading?.ec?.judged;
  const wayOn =
    plan.kind === 'stop' ? wayOnFromEc(plan.why, { tankId: tank.id, reading }) : undefined;
  const pour = async () => {
    if (plan.kind === 'stop') return;
    const additions = ecAdditions(answer, plan, Date.now());
    if (await act(correctEc(tank, additions, labelGainMsPerCm))) goOn.to(paths.tank(tank.id));
  };
  useKeyAct('save', plan.kind === 'stop' ? undefined : pour);
  const { volumeL, capacityL } = volumesOf(answer);
  const message = (typed: string, ok: boolean, text: string) =>
    typed !== '' && !ok ? { text } : undefined;
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          <WayOnButton wayOn={wayOn} />
          {plan.kind === 'stop' ? null : (
            <Button
              kind="main"
              wet
              grow
              label={ecSays.pouredStartMixing}
              disabled={busy}
              onPress={pour}
            />
          )}
        </>
      }
    >
      <View>
        <Say size="large" face="slab" heading={1}>
          {ecSays.title(tank.body.name)}
        </Say>
        <Say size="small">
          {ecSays.volumeOf({
            shown: judged
              ? ecSays.shownAndBand({
                  value: formats.ecPair(judged.value, judged.budget.expandedU).value,
                  margin: formats.ecPair(judged.value, judged.budget.expandedU).plusMinus,
                  unit: formats.ecUnit,
                  low: formats.ec(tank.body.ecBand.low),
                  high: formats.ec(tank.body.ecBand.high),
                })
              : '',
            volume: formats.volume(volumeL),
            most: formats.volume(capacityL),
          })}
        </Say>
      </View>
      <Panel tone="wash">
        <View role="status" aria-live="polite">
          <Plan plan={plan} />
        </View>
      </Panel>
      <Panel>
        <NumberField
          label={commonSays.aim}
          unit={formats.ecUnit}
          typed={aim}
          onType={setAim}
          size="large"
          message={message(
            aim,
            typedEcIn(aim, formats) !== undefined,
            ecSays.aimMessage(formats.ecUnit, formats.ecPlain(MOST_AIM_EC_MS_PER_CM)),
          )}
        />
      </Panel>
      {plan.kind === 'raise' || (plan.kind === 'stop' && plan.why === 'gainUnknown') ? (
        <Panel>
          <NumberField
            label={ecSays.eachAdds}
            unit={formats.ecUnit}
            typed={gain}
            onType={setGain}
            size="large"
            message={message(
              gain,
              labelGainMsPerCm !== undefined,
              ecSays.eachAddsMessage({
                unit: formats.ecUnit,
                low: formats.ecPlain(0.05),
                high: formats.ecPlain(1),
              }),
            )}
          />
          <Say size="small" tone="soft">
            {ecSays.fromLabel}
          </Say>
        </Panel>
      ) : null}
      {plan.kind === 'stop' && plan.why === 'gainUnknown' ? <StockPoured answer={answer} /> : null}
      {watersEc(answer) === undefined && plan.kind !== 'raise' ? (
        <Panel>
          <NumberField
            label={ecSays.ecOfYourWater}
            unit={formats.ecUnit}
            typed={water}
            onType={setWater}
            size="large"
          />
        </Panel>
      ) : null}
      <Panel tone="caution">
        <Say bold>{ecSays.neverTogether}</Say>
        <Say size="small">{ecSays.caution}</Say>
      </Panel>
    </Screen>
  );
}

function Plan({ plan }: { readonly plan: ReturnType<typeof ecPlan> }) {
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

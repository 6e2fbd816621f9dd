import { useState } from 'react';
import { correctEc } from '@/acts';
import { ecAdditions } from '@/acts/pourings';
import type { EcDoseAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import { MOST_AIM_EC_MS_PER_CM, planEc, waterMixtureEc } from '@/core/dosing';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { parseDecimal, type Formats } from '@/words';
import { ecSays } from '@/words/dose/ec';
import { pourInto } from './doseModel';

/** A gain as labels state it, (mS/cm) for 1 mL/L, lowest and highest: said where another was typed. */
const USUAL_GAIN_MS_PER_CM = [0.05, 1] as const;

/** An EC as typed, mS/cm; undefined when nothing or nonsense stands there. */
const typedEcIn = (typed: string, formats: Formats, above = 0) => {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return undefined;
  const ecMsPerCm = formats.ecFromTyped(parsed.value);
  return ecMsPerCm > above && ecMsPerCm <= MOST_AIM_EC_MS_PER_CM ? ecMsPerCm : undefined;
};

/** What is in the tank and what it can hold, L. */
export function volumesOf({ tank, reading }: EcDoseAnswer) {
  const volumeL = reading?.volumeL ?? tank.body.volumeL;
  return { volumeL, capacityL: Math.max(volumeL, tank.body.fullL ?? tank.body.volumeL) };
}

/** What was typed for a tank's EC, what is planned by it, and booking what was poured. */
export function useEc(answer: EcDoseAnswer, nowMs: number) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { tank, reading, learnedGain, waters } = answer;
  const [aim, setAim] = useState('');
  const [gain, setGain] = useState('');
  const [water, setWater] = useState('');
  const aimMsPerCm = typedEcIn(aim, formats);
  const gainMsPerCm = typedEcIn(gain, formats);
  const ownMsPerCm = waterMixtureEc(
    waters.map(({ share, water: { ecMsPerCm } }) => ({ share, ecMsPerCm })),
  );
  const judged = reading?.ec?.judged;
  const plan = planEc({
    judged,
    mixedAtMs: tank.mixing && Date.parse(tank.mixing.body.rereadAt ?? ''),
    band: tank.body.ecBand,
    ...volumesOf(answer),
    learnedGain,
    labelGainMsPerCm: gainMsPerCm ?? tank.body.stockGainMsPerCm,
    // Water without any salts has an EC of nothing.
    waterMsPerCm: typedEcIn(water, formats, -1e-9) ?? ownMsPerCm,
    aimMsPerCm,
    nowMs,
  });
  const pour = async () => {
    if (plan.kind === 'stop') return;
    const additions = ecAdditions(pourInto(answer, thisMoment().nowMs), plan, judged?.value);
    if (await act(correctEc(tank, additions, gainMsPerCm))) goOn.to(paths.tank(tank.id));
  };
  useKeyAct('save', plan.kind === 'stop' ? undefined : pour);
  const unit = formats.ecUnit;
  const message = (typed: string, known: number | undefined, text: string) =>
    typed !== '' && known === undefined ? { text } : undefined;
  const [low, high] = USUAL_GAIN_MS_PER_CM.map((usual) => formats.ecPlain(usual)) as [
    string,
    string,
  ];
  const unknownGain = plan.kind === 'stop' && plan.why === 'gainUnknown';
  return {
    plan,
    pour,
    busy,
    aim: {
      typed: aim,
      onType: setAim,
      message: message(
        aim,
        aimMsPerCm,
        ecSays.aimMessage(unit, formats.ecPlain(MOST_AIM_EC_MS_PER_CM)),
      ),
    },
    /** What the label says of the stock, where that is asked. */
    gain:
      plan.kind === 'raise' || unknownGain
        ? {
            typed: gain,
            onType: setGain,
            message: message(gain, gainMsPerCm, ecSays.eachAddsMessage({ unit, low, high })),
          }
        : undefined,
    unknownGain,
    /** The EC of the water, where the tank's waters tell none. */
    water:
      ownMsPerCm === undefined && plan.kind !== 'raise'
        ? { typed: water, onType: setWater }
        : undefined,
  };
}

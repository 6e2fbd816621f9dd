import { useState } from 'react';
import { moveWater } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { questions, useAct, useAnswer } from '@/book/react';
import { alkalinityMmolPerL, isAlkalinityOfWater, type AlkalinityUnit } from '@/core/chemistry';
import { litresFrom } from '@/core/units';
import type { TankId } from '@/records';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { notANumber, parseDecimal } from '@/words';
import { topUpSays } from '@/words/dose/topUp';
import { mixtureOf } from '@/core/dosing';

/** What was done with a tank's water. */
export type WaterMoved = 'water' | 'change' | 'drain';

/** Litres as typed, or why they are none. */
function litresTyped(typed: string) {
  const parsed = parseDecimal(typed);
  if (parsed.ok && parsed.value > 0) return { typedVolume: parsed.value };
  const text = parsed.ok
    ? topUpSays.volumeNeeded
    : (notANumber(parsed, topUpSays.volume)?.text ?? topUpSays.howMuchWater);
  return { message: { text } };
}

/** Alkalinity as typed, mmol/L, or why it is none; neither where nothing was typed. */
function alkalinityTyped(typed: string, unit: AlkalinityUnit) {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) {
    const empty = parsed.reason === 'empty';
    return empty ? {} : { message: notANumber(parsed, topUpSays.alkalinity.toLowerCase()) };
  }
  const mmolPerL = alkalinityMmolPerL(parsed.value, unit);
  return isAlkalinityOfWater(mmolPerL)
    ? { mmolPerL }
    : { message: { text: topUpSays.tooAlkaline } };
}

/** What was typed of water poured in, changed or drained off, and booking it. */
export function useWater(tankId: TankId, tank: TankAnswer | null | undefined, nowMs: number) {
  const goOn = useGoOn();
  const { settings } = useFormats();
  const { act, busy } = useAct();
  const [what, setWhat] = useState<WaterMoved>('water');
  const [litres, setLitres] = useState('');
  const [alkalinity, setAlkalinity] = useState('');
  const [unit, setUnit] = useState<AlkalinityUnit>('mg/L CaCO3');
  const [tried, setTried] = useState(false);
  const { data: ec } = useAnswer(questions.ecDose(tankId, nowMs));
  const { typedVolume, message } = litresTyped(litres);
  const report = alkalinityTyped(alkalinity, unit);
  const usual = ec ? mixtureOf(ec.waters) : undefined;
  const waterL =
    typedVolume === undefined ? undefined : litresFrom(typedVolume, settings.volumeUnit);
  const save = async () => {
    setTried(true);
    const wrong = what === 'change' && report.message !== undefined;
    if (waterL === undefined || wrong || !tank) return;
    const filled = report.mmolPerL ?? usual?.alkalinityMmolPerL;
    const moved = moveWater({
      tankId,
      at: new Date().toISOString(),
      what,
      productName: '',
      waterL,
      tankVolumeL: tank.body.volumeL,
      alkalinityMmolPerL: what === 'change' ? filled : undefined,
      waters: what === 'drain' ? undefined : tank.body.waters,
      note: '',
    });
    if (await act(moved)) goOn.to(paths.tank(tankId));
  };
  useKeyAct('save', save);
  return {
    what,
    setWhat,
    water: { typed: litres, onType: setLitres, message: tried ? message : undefined },
    /** As typed, L. */
    waterL,
    alkalinity: { typed: alkalinity, onType: setAlkalinity, message: report.message },
    unit,
    setUnit,
    ec,
    /** What the tank's own waters hold, where they are known. */
    usual,
    save,
    busy,
  };
}

export type WaterNow = ReturnType<typeof useWater>;

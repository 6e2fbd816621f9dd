import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { moveWater } from '@/acts';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import {
  alkalinityMmolPerL,
  ALKALINITY_PER_MMOL_PER_L,
  isAlkalinityOfWater,
  type AlkalinityUnit,
} from '@/core/chemistry';
import { litresFrom } from '@/core/units';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { useProducts } from '@/features/products/useProducts';
import { alkalinityText } from '@/words/waters/waterWords';
import { SaveBar } from '@/features/parts/SaveBar';
import { Choice, SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { notANumber, parseDecimal } from '@/words';
import { mixtureOf } from './explainModel';
import { RecipePanel } from './RecipePanel';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { topUpSays } from '@/words/dose/topUp';
import type { TankId } from '@/records';

const DONE = {
  water: topUpSays.bookTopUp,
  change: topUpSays.bookChange,
  drain: topUpSays.bookDrain,
} as const;
const UNITS = Object.keys(ALKALINITY_PER_MMOL_PER_L) as AlkalinityUnit[];

/** Top up, or change the water: it begins the tank's chemistry anew, so it is booked. */
export function WaterScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const [what, setWhat] = useState<'water' | 'change' | 'drain'>('water');
  const [litres, setLitres] = useState('');
  const [alkalinity, setAlkalinity] = useState('');
  const [unit, setUnit] = useState<AlkalinityUnit>('mg/L CaCO3');
  const [tried, setTried] = useState(false);
  const volume = parseDecimal(litres);
  const report = parseDecimal(alkalinity);
  const { volumeUnit } = formats.settings;
  const volumeMessage =
    tried && (!volume.ok || volume.value <= 0)
      ? {
          text: volume.ok
            ? topUpSays.volumeNeeded
            : (notANumber(volume, topUpSays.volume)?.text ?? topUpSays.howMuchWater),
        }
      : undefined;
  const known = report.ok ? alkalinityMmolPerL(report.value, unit) : undefined;
  const alkalinityMessage =
    known !== undefined && !isAlkalinityOfWater(known)
      ? { text: topUpSays.tooAlkaline }
      : !report.ok && report.reason !== 'empty'
        ? notANumber(report, topUpSays.alkalinity.toLowerCase())
        : undefined;
  const { data: ec } = useAnswer(questions.ecDose(tankId, nowMs));
  const products = useProducts();
  const usual = ec ? mixtureOf(ec.waters) : undefined;
  const save = async () => {
    setTried(true);
    if (!volume.ok || volume.value <= 0 || alkalinityMessage || !tank) return;
    const waterL = litresFrom(volume.value, volumeUnit);
    const moved = moveWater({
      tankId,
      at: new Date().toISOString(),
      what,
      productName: '',
      waterL,
      tankVolumeL: tank.body.volumeL,
      alkalinityMmolPerL: what === 'change' ? (known ?? usual?.alkalinityMmolPerL) : undefined,
      waters: what === 'drain' ? undefined : tank.body.waters,
      note: '',
    });
    if (await act(moved)) goOn.to(paths.tank(tankId));
  };
  useKeyAct('save', save);
  if (!tank) return <Skeleton label={commonSays.loadingTheTank} />;
  return (
    <Screen actions={<SaveBar label={DONE[what]} disabled={busy} onSave={save} />}>
      <Say size="large" face="slab" heading={1}>
        {topUpSays.title(tank.body.name)}
      </Say>
      <Choice
        label={topUpSays.whatWasDone}
        value={what}
        onChoose={setWhat}
        options={[
          { value: 'water', label: topUpSays.toppedUp, hint: topUpSays.toppedUpHint },
          { value: 'change', label: topUpSays.changed, hint: topUpSays.changedHint },
          { value: 'drain', label: topUpSays.drained, hint: topUpSays.drainedHint },
        ]}
      />
      <Panel>
        <NumberField
          label={topUpSays.water}
          unit={volumeUnit}
          typed={litres}
          onType={setLitres}
          size="large"
          message={volumeMessage}
        />
      </Panel>
      {what === 'change' ? (
        <>
          <Panel>
            <NumberField
              label={topUpSays.alkalinity}
              unit={unit}
              typed={alkalinity}
              onType={setAlkalinity}
              size="large"
              message={alkalinityMessage}
            />
          </Panel>
          <SelectField
            label={topUpSays.asTheWaterReportStatesIt}
            value={unit}
            onChoose={(chosen) => setUnit(chosen as AlkalinityUnit)}
            options={UNITS.map((value) => ({ value, label: value }))}
          />
          <Say size="small" tone="soft">
            {topUpSays.alkalinityHint(
              usual
                ? topUpSays.emptyTakesOwn(alkalinityText(usual.alkalinityMmolPerL, formats))
                : topUpSays.emptyIfUnknown,
            )}
          </Say>
          {ec && products && volume.ok && volume.value > 0 ? (
            <RecipePanel
              answer={ec}
              products={products}
              volumeL={litresFrom(volume.value, volumeUnit)}
            />
          ) : null}
        </>
      ) : (
        <Say size="small" tone="soft">
          {topUpSays.forecastStartsAfresh}
        </Say>
      )}
    </Screen>
  );
}

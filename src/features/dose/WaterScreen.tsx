import { useLocalSearchParams } from 'expo-router';
import { questions, useAnswer, useNowMs } from '@/book/react';
import { ALKALINITY_PER_MMOL_PER_L, type AlkalinityUnit } from '@/core/chemistry';
import { SaveBar } from '@/features/parts/SaveBar';
import { useProducts } from '@/features/products/useProducts';
import type { TankId } from '@/records';
import { useFormats } from '@/shell/formats';
import { Choice, SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { topUpSays } from '@/words/dose/topUp';
import { alkalinityText } from '@/words/waters/waterWords';
import { RecipePanel } from './RecipePanel';
import { useWater, type WaterMoved, type WaterNow } from './useWater';

const DONE: Readonly<Record<WaterMoved, string>> = {
  water: topUpSays.bookTopUp,
  change: topUpSays.bookChange,
  drain: topUpSays.bookDrain,
};
const UNITS = Object.keys(ALKALINITY_PER_MMOL_PER_L) as AlkalinityUnit[];

/** Top up, or change the water: it begins the tank's chemistry anew, so it is booked. */
export function WaterScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { settings } = useFormats();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const moved = useWater(tankId, tank, nowMs);
  const { what, setWhat, water, save, busy } = moved;
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
        <NumberField label={topUpSays.water} unit={settings.volumeUnit} {...water} size="large" />
      </Panel>
      {what === 'change' ? (
        <ChangedFor moved={moved} />
      ) : (
        <Say size="small" tone="soft">
          {topUpSays.forecastStartsAfresh}
        </Say>
      )}
    </Screen>
  );
}

/** What the water is that it was changed for, and what the fill needs. */
function ChangedFor({ moved }: { readonly moved: WaterNow }) {
  const formats = useFormats();
  const products = useProducts();
  const { alkalinity, unit, setUnit, usual, ec, waterL } = moved;
  return (
    <>
      <Panel>
        <NumberField label={topUpSays.alkalinity} unit={unit} {...alkalinity} size="large" />
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
      {ec && products && waterL !== undefined ? (
        <RecipePanel answer={ec} products={products} volumeL={waterL} />
      ) : null}
    </>
  );
}

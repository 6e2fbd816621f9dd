import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { moveWater } from '@/acts';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import {
  alkalinityMmolPerL,
  ALKALINITY_PER_MMOL_PER_L,
  type AlkalinityUnit,
} from '@/core/chemistry';
import { litresFrom } from '@/core/units';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { useProducts } from '@/features/products/useProducts';
import { alkalinityText } from '@/features/waters/waterWords';
import { SaveBar } from '@/features/parts/SaveBar';
import { Choice, SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { notANumber, parseDecimal } from '@/words';
import { mixtureOf } from './explainModel';
import { RecipePanel } from './RecipePanel';
import { paths } from '@/shell/navigation/paths';

const DONE = { water: 'Topped up', change: 'Changed', drain: 'Drained' } as const;
const UNITS = Object.keys(ALKALINITY_PER_MMOL_PER_L) as AlkalinityUnit[];

/** Top up, or change the water: it begins the tank's chemistry anew, so it is booked. */
export function WaterScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
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
            ? 'A volume above zero.'
            : (notANumber(volume, 'volume')?.text ?? 'How much water?'),
        }
      : undefined;
  const known = report.ok ? alkalinityMmolPerL(report.value, unit) : undefined;
  const alkalinityMessage =
    known !== undefined && (known < 0 || known > 20)
      ? { text: 'No water is that alkaline. Is the unit right?' }
      : !report.ok && report.reason !== 'empty'
        ? notANumber(report, 'alkalinity')
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
  if (!tank) return <Skeleton label="Loading the tank" />;
  return (
    <Screen actions={<SaveBar label={DONE[what]} disabled={busy} onSave={save} />}>
      <Say size="large" face="slab" heading={1}>
        Water · {tank.body.name}
      </Say>
      <Choice
        label="What was done?"
        value={what}
        onChoose={setWhat}
        options={[
          { value: 'water', label: 'topped up', hint: 'what was in stays in' },
          { value: 'change', label: 'changed', hint: 'emptied and filled afresh' },
          { value: 'drain', label: 'drained', hint: 'some was let out' },
        ]}
      />
      <Panel>
        <NumberField
          label="Water"
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
              label="Alkalinity"
              unit={unit}
              typed={alkalinity}
              onType={setAlkalinity}
              size="large"
              message={alkalinityMessage}
            />
          </Panel>
          <SelectField
            label="As the water report states it"
            value={unit}
            onChoose={(chosen) => setUnit(chosen as AlkalinityUnit)}
            options={UNITS.map((value) => ({ value, label: value }))}
          />
          <Say size="small" tone="soft">
            Of the water filled in, before any nutrients. For a day Zolder plans acid from it; after
            a dose, nutrients or a day with the pump it counts as a feed in use. Leave it empty{' '}
            {usual
              ? `to take the tank’s own waters: ${alkalinityText(usual.alkalinityMmolPerL, formats)}.`
              : 'if nobody measured it.'}
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
          The forecast starts afresh from here: topped-up water moves both pH and EC.
        </Say>
      )}
    </Screen>
  );
}

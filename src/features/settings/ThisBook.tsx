import type { BookSettings } from '@/records/kinds';
import { RETENTION_YEARS } from '@/core/retention';
import { EC_SCALES } from '@/core/units';
import { READ_ORDERS } from '@/records/samples';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Choice } from '@/ui/form';
import { Say } from '@/ui/text';
import { SCALE_LABEL } from '@/words';
import { commonSays } from '@/words/common';
import { READ_ORDER_WORD, settingsSays } from '@/words/settings/settings';
import { TOLERANCE_OPTIONS } from '@/words/tolerance';

/** Years a record may have to be kept; permits commonly ask for the first. */
const KEEP_YEARS = [RETENTION_YEARS, 5, 7, 10] as const;

interface Props {
  readonly settings: BookSettings;
  readonly change: (patch: Partial<BookSettings>) => void;
}

/** How the book is written and read: its units, and what new pens and records begin with. */
export function ThisBook({ settings, change }: Props) {
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {settingsSays.thisBook}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.unitsHint}
      </Say>
      <Units {...{ settings, change }} />
      <Choice
        label={settingsSays.tanksAreReadInTheOrder}
        value={settings.readOrder}
        onChoose={(readOrder) => change({ readOrder })}
        options={READ_ORDERS.map((value) => ({ value, label: READ_ORDER_WORD[value] }))}
      />
      <Choice
        label={settingsSays.toleranceOfNewPens}
        value={settings.tolerancePolicy}
        onChoose={(tolerancePolicy) => change({ tolerancePolicy })}
        options={TOLERANCE_OPTIONS}
      />
      <SchoolNote about="tolerance" />
      <Choice
        label={settingsSays.probesAreRinsedWith}
        value={settings.rinseWater}
        onChoose={(rinseWater) => change({ rinseWater })}
        options={[
          { value: 'tap', label: settingsSays.cleanTapWater },
          { value: 'pure', label: settingsSays.pureWater, hint: settingsSays.pureWaterHint },
        ]}
      />
      <SchoolNote about="rinseWater" />
      <Say size="small" tone="soft">
        {settingsSays.newPensHint}
      </Say>
      <Choice
        label={settingsSays.keptAtLeast}
        value={String(settings.keepYears)}
        onChoose={(years) => change({ keepYears: Number(years) })}
        options={KEEP_YEARS.map((years) => ({
          value: String(years),
          label: settingsSays.years(years),
        }))}
      />
    </>
  );
}

function Units({ settings, change }: Props) {
  return (
    <>
      <Choice
        label={settingsSays.temperature}
        value={settings.tempUnit}
        onChoose={(tempUnit) => change({ tempUnit })}
        options={[
          { value: '°C', label: '°C' },
          { value: '°F', label: '°F' },
        ]}
      />
      <Choice
        label={settingsSays.conductivityIsShownIn}
        value={settings.ecScale}
        onChoose={(ecScale) => change({ ecScale })}
        options={EC_SCALES.map((value) => ({ value, label: SCALE_LABEL[value] }))}
      />
      <Choice
        label={commonSays.volume}
        value={settings.volumeUnit}
        onChoose={(volumeUnit) => change({ volumeUnit })}
        options={[
          { value: 'L', label: settingsSays.litres },
          { value: 'US gal', label: settingsSays.usGallons },
          { value: 'UK gal', label: settingsSays.ukGallons },
        ]}
      />
      <Choice
        label={settingsSays.decimalMark}
        value={settings.decimalMark}
        onChoose={(decimalMark) => change({ decimalMark })}
        options={[
          { value: '.', label: settingsSays.decimalPoint },
          { value: ',', label: settingsSays.decimalComma },
        ]}
      />
    </>
  );
}

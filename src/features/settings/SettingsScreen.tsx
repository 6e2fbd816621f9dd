import { useRouter } from 'expo-router';
import { changeSettings } from '@/acts';
import { useAnswer, useAct, useBook, questions } from '@/book/react';
import { EC_SCALES } from '@/core/units';
import { useOpenBook } from '@/shell/otherBook';
import type { BookSettings } from '@/records/kinds';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { inBackground } from '@/trouble';
import { Say } from '@/ui/text';
import { SCALE_LABEL } from '@/words';
import { About } from './About';
import { People } from './People';
import { StorageNote } from './StorageNote';
import { paths } from '@/shell/navigation/paths';

/** Units, people, the dark, the text: each says what it changes. */
export function SettingsScreen() {
  const { data } = useAnswer(questions.settings());
  const { device, setDevice, opened } = useBook();
  const { act } = useAct({ oneByOne: true });
  const router = useRouter();
  const openBook = useOpenBook(opened.book === 'demo' ? 'own' : 'demo');
  if (!data) return <Skeleton label="Loading settings" />;
  const { settings } = data;
  const change = (patch: Partial<BookSettings>) =>
    inBackground('settings', act(changeSettings({ ...settings, ...patch })));
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        Settings
      </Say>
      <Say size="large" face="slab" heading={2}>
        This book
      </Say>
      <Say size="small" tone="soft">
        These units are used on every screen of this book. Raw readings stay as they were typed.
      </Say>
      <Choice
        label="Temperature"
        value={settings.tempUnit}
        onChoose={(tempUnit) => change({ tempUnit })}
        options={[
          { value: '°C', label: '°C' },
          { value: '°F', label: '°F' },
        ]}
      />
      <Choice
        label="Conductivity is shown in"
        value={settings.ecScale}
        onChoose={(ecScale) => change({ ecScale })}
        options={EC_SCALES.map((value) => ({ value, label: SCALE_LABEL[value] }))}
      />
      <Choice
        label="Volume"
        value={settings.volumeUnit}
        onChoose={(volumeUnit) => change({ volumeUnit })}
        options={[
          { value: 'L', label: 'litres' },
          { value: 'US gal', label: 'US gallons' },
          { value: 'UK gal', label: 'UK gallons' },
        ]}
      />
      <Choice
        label="Decimal mark"
        value={settings.decimalMark}
        onChoose={(decimalMark) => change({ decimalMark })}
        options={[
          { value: '.', label: 'point, 6.12' },
          { value: ',', label: 'comma, 6,12' },
        ]}
      />
      <Choice
        label="Tolerance of new pens"
        value={settings.tolerancePolicy}
        onChoose={(tolerancePolicy) => change({ tolerancePolicy })}
        options={[
          { value: 'laboratory', label: 'laboratory', hint: '±0.02 pH, 2 % EC' },
          { value: 'normal', label: 'normal', hint: '±0.05 pH, 3 % EC' },
          { value: 'relaxed', label: 'relaxed', hint: '±0.1 pH, 5 % EC' },
        ]}
      />
      <SchoolNote about="tolerance" />
      <Choice
        label="Probes are rinsed with"
        value={settings.rinseWater}
        onChoose={(rinseWater) => change({ rinseWater })}
        options={[
          { value: 'tap', label: 'clean tap water' },
          { value: 'pure', label: 'pure water', hint: 'to rinse only, never to store' },
        ]}
      />
      <SchoolNote about="rinseWater" />
      <Say size="small" tone="soft">
        A new pen starts with this tolerance; each pen can have its own. The Bench tells you to
        rinse with this water.
      </Say>
      <People people={data.people} />
      <Say size="large" face="slab" heading={2}>
        This device
      </Say>
      <Choice
        label="Light"
        value={device.theme}
        onChoose={(theme) => setDevice({ theme })}
        options={[
          { value: 'day', label: 'Day' },
          { value: 'lightsOut', label: 'Lights-out', hint: 'dim red, for the crop’s night' },
        ]}
      />
      <Choice
        label="Text size"
        value={String(device.textScale)}
        onChoose={(scale) => setDevice({ textScale: Number(scale) })}
        options={[
          { value: '1', label: '100 %' },
          { value: '1.25', label: '125 %' },
          { value: '1.5', label: '150 %' },
          { value: '2', label: '200 %' },
        ]}
      />
      <Choice
        label="When a display stands still"
        value={device.sounds ? 'on' : 'off'}
        onChoose={(sounds) => setDevice({ sounds: sounds === 'on' })}
        options={[
          { value: 'on', label: 'tone and buzz' },
          { value: 'off', label: 'silent' },
        ]}
      />
      <Choice
        label="Single keys on a keyboard"
        value={device.shortcuts ? 'on' : 'off'}
        onChoose={(shortcuts) => setDevice({ shortcuts: shortcuts === 'on' })}
        options={[
          { value: 'on', label: 'on', hint: 'press ? for the list' },
          { value: 'off', label: 'off' },
        ]}
      />
      <Say size="large" face="slab" heading={2}>
        Moving and keeping
      </Say>
      <Say size="small" tone="soft">
        The whole book as one file: a copy to keep, or the way to a new phone.
      </Say>
      <Button label="Move or keep the book" onPress={() => router.navigate(paths.bookFile)} />
      <StorageNote />
      <Button label="State of the book" onPress={() => router.navigate(paths.bookState)} />
      <Say size="small" tone="soft">
        {opened.book === 'demo'
          ? 'You are in the demo glasshouse. Your own book is separate.'
          : 'The demo glasshouse is a separate book. Yours stays as it is.'}
      </Say>
      <Button
        label={opened.book === 'demo' ? 'Open my own book' : 'Look round the demo'}
        onPress={openBook}
      />
      <About />
    </Screen>
  );
}

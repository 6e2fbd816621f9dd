import { useRouter } from 'expo-router';
import { changeSettings } from '@/acts';
import { useAnswer, useAct, useBook, questions } from '@/book/react';
import { RETENTION_YEARS } from '@/core/retention';
import { EC_SCALES } from '@/core/units';
import { useOpenBook } from '@/shell/otherBook';
import type { BookSettings } from '@/records/kinds';
import { READ_ORDERS } from '@/records/samples';
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
import { commonSays } from '@/words/common';
import { READ_ORDER_WORD, settingsSays } from '@/words/settings/settings';
import { TOLERANCE_OPTIONS } from '@/words/tolerance';

/** Years a record may have to be kept; permits commonly ask for the first. */
const KEEP_YEARS = [RETENTION_YEARS, 5, 7, 10] as const;

/** Units, people, the dark, the text: each says what it changes. */
export function SettingsScreen() {
  const { data } = useAnswer(questions.settings());
  const { device, setDevice, opened } = useBook();
  const { act } = useAct({ oneByOne: true });
  const router = useRouter();
  const openBook = useOpenBook(opened.book === 'demo' ? 'own' : 'demo');
  if (!data) return <Skeleton label={settingsSays.loadingSettings} />;
  const { settings } = data;
  const change = (patch: Partial<BookSettings>) =>
    inBackground('settings', act(changeSettings({ ...settings, ...patch })));
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.settings}
      </Say>
      <Say size="large" face="slab" heading={2}>
        {settingsSays.thisBook}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.unitsHint}
      </Say>
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
      <People people={data.people} />
      <Say size="large" face="slab" heading={2}>
        {settingsSays.thisDevice}
      </Say>
      <Choice
        label={settingsSays.light}
        value={device.theme}
        onChoose={(theme) => setDevice({ theme })}
        options={[
          { value: 'day', label: commonSays.day },
          { value: 'lightsOut', label: commonSays.lightsOut, hint: settingsSays.lightsOutHint },
        ]}
      />
      <Choice
        label={settingsSays.textSize}
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
        label={settingsSays.whenADisplayStandsStill}
        value={device.sounds ? 'on' : 'off'}
        onChoose={(sounds) => setDevice({ sounds: sounds === 'on' })}
        options={[
          { value: 'on', label: settingsSays.toneAndBuzz },
          { value: 'off', label: settingsSays.silent },
        ]}
      />
      <Choice
        label={settingsSays.singleKeysOnAKeyboard}
        value={device.shortcuts ? 'on' : 'off'}
        onChoose={(shortcuts) => setDevice({ shortcuts: shortcuts === 'on' })}
        options={[
          { value: 'on', label: settingsSays.on, hint: settingsSays.keysHint },
          { value: 'off', label: settingsSays.off },
        ]}
      />
      <Say size="large" face="slab" heading={2}>
        {settingsSays.phones}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.phonesHint}
      </Say>
      <Button label={settingsSays.phones} onPress={() => router.navigate(paths.phones)} />
      <Say size="small" tone="soft">
        {settingsSays.togetherHint}
      </Say>
      <Button label={settingsSays.together} onPress={() => router.navigate(paths.together)} />
      <Say size="large" face="slab" heading={2}>
        {settingsSays.movingAndKeeping}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.theWholeBookAsOneFile}
      </Say>
      <Button
        label={commonSays.moveOrKeepTheBook}
        onPress={() => router.navigate(paths.bookFile)}
      />
      <StorageNote />
      <Button label={commonSays.stateOfTheBook} onPress={() => router.navigate(paths.bookState)} />
      <Say size="small" tone="soft">
        {opened.book === 'demo' ? settingsSays.inDemo : settingsSays.aboutDemo}
      </Say>
      <Button
        label={opened.book === 'demo' ? settingsSays.openMyOwnBook : commonSays.lookRoundTheDemo}
        onPress={openBook}
      />
      <About />
    </Screen>
  );
}

import { useBook } from '@/book/react';
import { Choice } from '@/ui/form';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { settingsSays } from '@/words/settings/settings';

/** What holds on this device alone: light, size of the text, sounds, keys. */
export function ThisDevice() {
  const { device, setDevice } = useBook();
  return (
    <>
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
    </>
  );
}

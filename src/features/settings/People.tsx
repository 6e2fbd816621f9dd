import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { addPerson } from '@/acts';
import type { SettingsAnswer } from '@/book/answers';
import { useAct, useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { settingsSays } from '@/words/settings/settings';
import { initialsMessage } from '@/words/settings/initials';

/** The people of this book, and who holds this device. */
export function People({ people }: { readonly people: SettingsAnswer['people'] }) {
  const { act } = useAct();
  const { device, setDevice } = useBook();
  const [typed, setTyped] = useState('');
  const [message, setMessage] = useState<string>();
  const all = people.map(({ body }) => body.initials);
  const add = async () => {
    const wrong = initialsMessage(typed, all);
    setMessage(wrong);
    if (wrong) return;
    const initials = typed.trim().toUpperCase();
    if (!(await act(addPerson(initials)))) return;
    setTyped('');
    if (all.length === 0) setDevice({ initials });
  };
  return (
    <View style={styles.people}>
      <Say size="large" face="slab" heading={2}>
        {settingsSays.people}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.initialsStandBesideEvery}
      </Say>
      {all.length > 0 ? (
        <Choice
          label={settingsSays.whoHoldsThisDevice}
          value={device.initials}
          onChoose={(initials) => setDevice({ initials })}
          options={[
            { value: '', label: settingsSays.nobody },
            ...all.map((value) => ({ value, label: value })),
          ]}
        />
      ) : null}
      <View style={styles.row}>
        <TextField
          label={settingsSays.initialsOfSomebodyNew}
          typed={typed}
          onType={(text) => {
            setMessage(undefined);
            setTyped(text);
          }}
          message={message ? { text: message } : undefined}
        />
        <Button label={settingsSays.add} name={settingsSays.addThePerson} onPress={add} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  people: { gap: space.s3 },
  row: { flexDirection: 'row', alignItems: 'flex-end', gap: space.s3 },
});

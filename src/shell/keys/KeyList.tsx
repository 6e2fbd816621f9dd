import { StyleSheet, View } from 'react-native';
import { useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Overlay } from '@/ui/overlay';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { KEY_DOES, keysSays } from '@/words/shell/keys';
import { PLACES } from '../navigation/places';
import { KEYS } from './keyMap';

/** All keys of the house, and the switch that turns the single ones off. */
export function KeyList({ onClose }: { readonly onClose: () => void }) {
  const { device, setDevice } = useBook();
  const places = PLACES.map(({ label }, at) => ({ key: String(at + 1), does: label }));
  const always = [
    { key: 'Esc', does: KEY_DOES.back },
    { key: keysSays.saveKey, does: KEY_DOES.save },
  ];
  const single = KEYS.map(({ key, act }) => ({ key, does: KEY_DOES[act] }));
  return (
    <Overlay title={keysSays.keys} onClose={onClose}>
      {[...places, ...single, ...always].map(({ key, does }) => (
        <View key={key} style={styles.row}>
          <View style={styles.key}>
            <Say face="mono" bold>
              {key}
            </Say>
          </View>
          <Say>{does}</Say>
        </View>
      ))}
      <Say size="small" tone="soft">
        {keysSays.offWhileTyping}
      </Say>
      <Button
        label={device.shortcuts ? keysSays.switchOff : keysSays.switchOn}
        onPress={() => setDevice({ shortcuts: !device.shortcuts })}
      />
    </Overlay>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.s3, minHeight: 32, alignItems: 'center' },
  key: { width: 150 },
});

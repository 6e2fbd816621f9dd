import { StyleSheet, View } from 'react-native';
import { useIsWide } from '@/shell/useIsWide';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { phonesSays } from '@/words/phones/phones';
import { OtherPhones } from './OtherPhones';
import { ThisDevice } from './ThisDevice';

/** Zolder on phones: this one, and how others come. */
export function PhonesScreen() {
  const wide = useIsWide();
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {phonesSays.title}
      </Say>
      <View style={[styles.both, wide && styles.beside]}>
        <View style={[styles.one, wide && styles.half]}>
          <ThisDevice />
        </View>
        <View style={[styles.one, wide && styles.half]}>
          <OtherPhones />
        </View>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  both: { gap: space.s6 },
  beside: { flexDirection: 'row', gap: space.s8 },
  one: { gap: space.s3 },
  half: { flex: 1, minWidth: 0 },
});

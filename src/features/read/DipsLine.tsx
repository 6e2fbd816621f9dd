import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { readSays } from '@/words/read/read';
import type { useReadForm } from './useReadForm';
import { QUANTITY_NAME } from '@/words';

interface Props {
  readonly quantity: 'ph' | 'ec';
  readonly form: ReturnType<typeof useReadForm>;
}

/** Earlier dips of this sample, and a word when the display seems to stand still. */
export function DipsLine({ quantity, form }: Props) {
  const { about, formats, frozen, typed } = form;
  const dips = about.dips[quantity];
  const name = QUANTITY_NAME[quantity];
  const digits = quantity === 'ph' ? 2 : 3;
  const written = dips.map((value) => formats.number(value, value >= 100 ? 0 : digits)).join(', ');
  return (
    <>
      {frozen[quantity] && typed[quantity] ? (
        <Say size="small" bold tone="attention">
          {readSays.sameDigits}
        </Say>
      ) : null}
      {dips.length > 0 ? (
        <View style={styles.line}>
          <Say size="small" style={styles.dips}>
            {readSays.dippedBefore(written)}
          </Say>
          <Button
            kind="text"
            label={readSays.dropThem}
            name={readSays.dropDipsOf(name)}
            onPress={() => form.dropDips(quantity)}
          />
        </View>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: space.s2 },
  dips: { flex: 1 },
});

import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { inBackground } from '@/trouble';
import { askHouse } from '@/shell/device/house';
import { inBase } from '@/ui/inBase';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { applyTheme, color, space } from '@/ui/tokens';
import { takeAlongSays } from '@/words/phones/phones';
import { useSaveReadable } from '@/features/parts/saveReadable';
import { SavingReadable } from '@/features/parts/SavingReadable';

const TAKEN_KEY = 'zolder-taken-along';

/** Remembers for the page that helps that the book of this address was saved. */
function rememberTaken(): void {
  try {
    localStorage.setItem(TAKEN_KEY, new Date().toISOString());
  } catch {
    // The page that helps then offers it once more.
  }
}

/** At an old address: its book as a file, and the way to the new one. Nothing is written here any more. */
export function TakeAlong() {
  const rescue = useSaveReadable(rememberTaken);
  const [address, setAddress] = useState<string>();
  useEffect(() => applyTheme('day', 1), []);
  useEffect(
    () =>
      inBackground(
        'house',
        askHouse().then((house) => setAddress(house?.phones ? house.address : undefined)),
      ),
    [],
  );
  return (
    <View role="main" style={styles.page}>
      <Say size="huge" face="slab" heading={1}>
        {takeAlongSays.title}
      </Say>
      <Say>{takeAlongSays.lead}</Say>
      <Button
        kind="main"
        label={takeAlongSays.save}
        disabled={rescue.making !== undefined}
        onPress={rescue.save}
      />
      <SavingReadable rescue={rescue} />
      <Say>{takeAlongSays.then}</Say>
      {address ? (
        <Button
          label={takeAlongSays.open(address)}
          onPress={() => window.location.assign(address)}
        />
      ) : null}
      <Button
        kind="text"
        label={takeAlongSays.back}
        onPress={() => window.location.assign(inBase('/'))}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  page: {
    flex: 1,
    backgroundColor: color.board,
    justifyContent: 'center',
    gap: space.s3,
    padding: space.s6,
    maxWidth: 680,
  },
});

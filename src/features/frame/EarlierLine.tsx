import { StyleSheet, View } from 'react-native';
import { useEarlierShare } from '@/book/react';
import { HowFar } from '@/ui/layout';
import { space } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';

/** How far the reading of earlier months is, while something on the screen waits for it. */
export function EarlierLine() {
  const share = useEarlierShare();
  if (share === null) return null;
  return (
    <View style={styles.line}>
      <HowFar said={frameSays.readingEarlier(Math.round(100 * share))} share={share} />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { paddingHorizontal: space.s4, paddingVertical: space.s2 },
});

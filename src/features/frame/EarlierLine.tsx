import { StyleSheet, View } from 'react-native';
import { useEarlierShare } from '@/book/react';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';

/** How far the reading of earlier months is, while something on the screen waits for it. */
export function EarlierLine() {
  const share = useEarlierShare();
  if (share === null) return null;
  return (
    <View style={styles.line}>
      <Say size="small" live>
        {frameSays.readingEarlier(Math.round(100 * share))}
      </Say>
      <View style={[styles.far, { width: `${100 * share}%` }]} />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { paddingHorizontal: space.s4, paddingVertical: space.s2, gap: space.s1 },
  far: { height: 4, backgroundColor: color.ink },
});

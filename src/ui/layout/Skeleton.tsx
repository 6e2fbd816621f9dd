import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, space } from '../tokens';

const SHOW_AFTER_MS = 300;

/** Grey rows while something takes longer than 300 ms. */
export function Skeleton({ label = 'Loading' }: { readonly label?: string }) {
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), SHOW_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!shown) return null;
  return (
    <View role="status" aria-label={label} style={styles.stack}>
      {[0, 1, 2].map((row) => (
        <View key={row} style={styles.row} />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.s2, padding: space.s4 },
  row: { height: 72, backgroundColor: color.wood, opacity: 0.6, borderRadius: 3 },
});

import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

/** What stands under a title: what it is at the left, what can be done to it at the right. */
export function UnderTitle({ children }: { readonly children: ReactNode }) {
  return <View style={styles.row}>{children}</View>;
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
});

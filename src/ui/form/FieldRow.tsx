import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../tokens';

interface Props {
  readonly children: ReactNode;
  /** Short numbers: side by side on a phone too. */
  readonly narrow?: boolean;
}

/** Fields that belong together: side by side where there is room, one below the other on a phone. */
export function FieldRow({ children, narrow = false }: Props) {
  return (
    <View style={styles.row}>
      {Children.map(children, (child) =>
        child ? <View style={[styles.cell, narrow && styles.narrow]}>{child}</View> : null,
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.s4, rowGap: space.s3 },
  cell: { flexGrow: 1, flexShrink: 1, flexBasis: 300, minWidth: 0 },
  narrow: { flexBasis: 120 },
});

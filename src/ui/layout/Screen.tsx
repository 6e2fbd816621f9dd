import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../tokens';
import { PlaceFrame } from './PlaceFrame';

interface Props {
  readonly children: ReactNode;
  /** The main action; always within the thumb's reach at the bottom. */
  readonly actions?: ReactNode;
  /** What it is called where it stands beside another screen. */
  readonly label?: string;
}

/** A place on the phone: scrolls, with its main action in the lower third. */
export function Screen({ children, actions, label = 'Beside' }: Props) {
  return (
    <PlaceFrame actions={actions} label={label}>
      <View style={styles.column}>{children}</View>
    </PlaceFrame>
  );
}

const styles = StyleSheet.create({
  column: { width: '100%', maxWidth: 960, gap: space.s3 },
});

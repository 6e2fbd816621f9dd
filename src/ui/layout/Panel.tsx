import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, RADIUS, space } from '../tokens';

interface Props {
  readonly children: ReactNode;
  /** A caution or an open question gets a mark at its side. */
  readonly tone?: 'plain' | 'wash' | 'caution';
}

/** A sheet of panel colour with one edge line. */
export function Panel({ children, tone = 'plain' }: Props) {
  return <View style={[styles.panel, styles[tone]]}>{children}</View>;
}

const styles = StyleSheet.create({
  panel: { padding: space.s3, gap: space.s1, borderRadius: RADIUS, backgroundColor: color.panel },
  plain: { borderWidth: 1, borderColor: color.edge },
  wash: { backgroundColor: color.actionWash },
  caution: { borderLeftWidth: 4, borderLeftColor: color.off },
});

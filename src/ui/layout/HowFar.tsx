import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Say } from '../text';
import { color, space } from '../tokens';

interface Props {
  /** What is done, and how far it is, in words. */
  readonly said: string;
  /** How far it is, 0 to 1. */
  readonly share: number;
  /** What can be done about it. */
  readonly children?: ReactNode;
}

/** How far something long is: words, a bar that a screen reader tells of by itself, a press beside them. */
export function HowFar({ said, share, children }: Props) {
  const percent = Math.round(100 * share);
  return (
    <View style={styles.all}>
      <View style={styles.words}>
        <Say size="small">{said}</Say>
        <View
          role="progressbar"
          aria-label={said}
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={percent}
          style={styles.whole}
        >
          <View style={[styles.done, { width: `${percent}%` }]} />
        </View>
      </View>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.s3 },
  words: { flexGrow: 1, flexShrink: 1, minWidth: 200, gap: space.s1 },
  whole: { height: 4, backgroundColor: color.wood },
  done: { height: 4, backgroundColor: color.ink },
});

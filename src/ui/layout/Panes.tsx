import type { ReactNode } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { PaneContext } from '../pane';
import { color, WIDE_FROM } from '../tokens';

interface Props {
  /** The list at the left, 360 px. */
  readonly list: ReactNode;
  /** What the main pane is about: shown between the list and it, where there is room for three. */
  readonly subject?: ReactNode;
  /** What is chosen or being done; 416 px beside its subject, all that is left without one. */
  readonly main: ReactNode;
}

/** Below this there is no room for three panes: the main one takes its subject's place. */
const THREE_FROM = 1240;

/** List, subject and main pane side by side on a wide page; the main one alone on a phone. */
export function Panes({ list, subject, main }: Props) {
  const { width } = useWindowDimensions();
  const three = subject !== undefined && width >= THREE_FROM;
  return (
    <View style={styles.panes}>
      {width >= WIDE_FROM ? (
        <PaneContext.Provider value="beside">
          <View style={styles.list}>{list}</View>
          {three ? <View style={styles.rest}>{subject}</View> : null}
        </PaneContext.Provider>
      ) : null}
      {/*
       * The same view at every width: a screen that stands open, and what was typed in it, outlive
       * a window made wide or narrow and a phone that is turned.
       */}
      <View key="main" style={three ? styles.third : styles.rest}>
        {main}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { width: 360, borderRightWidth: 1, borderRightColor: color.edge },
  rest: { flex: 1, minWidth: 0 },
  third: { width: 416, borderLeftWidth: 1, borderLeftColor: color.edge },
});

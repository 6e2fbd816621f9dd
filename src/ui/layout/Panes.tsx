import type { ReactNode } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { PaneContext } from '../pane';
import { color } from '../tokens';

interface Props {
  /** The list at the left, 360 px. */
  readonly list: ReactNode;
  /** What is chosen in it; the main pane unless a sheet stands beside. */
  readonly detail?: ReactNode;
  /** What would slide up on a phone: a third pane, 400 px, then the main one. */
  readonly sheet?: ReactNode;
}

/** Below this there is no room for three panes: the sheet takes the detail's place. */
const THREE_FROM = 1180;

/** List, detail and sheet side by side on a wide page. */
export function Panes({ list, detail, sheet }: Props) {
  const { width } = useWindowDimensions();
  const three = sheet !== undefined && detail !== undefined && width >= THREE_FROM;
  return (
    <View style={styles.panes}>
      <PaneContext.Provider value="beside">
        <View style={styles.list}>{list}</View>
      </PaneContext.Provider>
      {sheet === undefined || three ? (
        <PaneContext.Provider value={three ? 'beside' : 'main'}>
          <View style={styles.detail}>{detail}</View>
        </PaneContext.Provider>
      ) : null}
      {sheet !== undefined ? (
        <View style={three ? styles.sheet : styles.detail}>{sheet}</View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { width: 360, borderRightWidth: 1, borderRightColor: color.edge },
  detail: { flex: 1, minWidth: 0 },
  sheet: { width: 416, borderLeftWidth: 1, borderLeftColor: color.edge },
});

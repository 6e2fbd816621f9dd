import { useContext, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { PaneContext } from '../pane';
import { color, space } from '../tokens';

interface Props {
  readonly children: ReactNode;
  /** The main action; always within the thumb's reach at the bottom. */
  readonly actions?: ReactNode;
  /** What it is called where it stands beside another screen. */
  readonly label?: string;
}

/** A place on the phone: scrolls, with its main action in the lower third. */
export function Screen({ children, actions, label }: Props) {
  const main = useContext(PaneContext) === 'main';
  return (
    <View
      role={main ? 'main' : 'region'}
      aria-label={main ? undefined : (label ?? 'Beside')}
      style={styles.screen}
    >
      <ScrollView tabIndex={0} style={styles.scroll} contentContainerStyle={styles.content}>
        <View style={styles.column}>{children}</View>
      </ScrollView>
      {actions ? (
        <View style={styles.actions}>
          <View style={styles.actionRow}>{actions}</View>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, minHeight: 0 },
  scroll: { flex: 1 },
  content: { paddingHorizontal: space.s4, paddingTop: space.s3, paddingBottom: space.s6 },
  column: { width: '100%', maxWidth: 960, gap: space.s3 },
  actions: {
    paddingHorizontal: space.s4,
    paddingVertical: space.s3,
    borderTopWidth: 1,
    borderTopColor: color.edge,
    backgroundColor: color.board,
  },
  actionRow: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.s2,
    width: '100%',
    maxWidth: 960,
  },
});

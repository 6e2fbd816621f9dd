import { useContext, useLayoutEffect, type ReactNode, type Ref } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { dropFirstFrame } from '../firstFrame';
import { PaneContext } from '../pane';
import { color, space } from '../tokens';

interface Props {
  readonly children: ReactNode;
  /** The main action; always within the thumb's reach at the bottom. */
  readonly actions?: ReactNode;
  /** What it is called where it stands beside another screen. */
  readonly label: string;
  readonly scroller?: Ref<ScrollView>;
}

/** What every place stands in: one part that scrolls, and its actions in the lower third. */
export function PlaceFrame({ children, actions, label, scroller }: Props) {
  const main = useContext(PaneContext) === 'main';
  useLayoutEffect(dropFirstFrame, []);
  return (
    <View
      role={main ? 'main' : 'region'}
      aria-label={main ? undefined : label}
      style={styles.screen}
    >
      <ScrollView
        {...(scroller ? { ref: scroller } : {})}
        tabIndex={0}
        style={styles.scroll}
        contentContainerStyle={styles.content}
      >
        {children}
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

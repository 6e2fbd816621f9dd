import { useEffect, useLayoutEffect, useRef, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '../button';
import { Say } from '../text';
import { color, RADIUS, space } from '../tokens';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet over the page: takes the focus, gives it back, closes with Esc. */
export function Overlay({ title, onClose, children }: Props) {
  const frame = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  // With the sheet itself, not after it was painted: an Esc pressed at once is meant for it.
  useLayoutEffect(() => {
    const before = document.activeElement as HTMLElement | null;
    const here = frame.current as unknown as HTMLElement | null;
    const field = here?.querySelector<HTMLElement>('input');
    (field ?? here?.querySelector<HTMLElement>('button, [role=button]'))?.focus();
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      event.preventDefault();
      event.stopImmediatePropagation();
      close.current();
    };
    window.addEventListener('keydown', onKey, true);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      before?.focus();
    };
  }, []);
  return (
    <View style={styles.cover}>
      <View ref={frame} role="dialog" aria-modal aria-label={title} style={styles.sheet}>
        <View style={styles.head}>
          <Say size="large" face="slab" heading={2}>
            {title}
          </Say>
          <Button label="Close" onPress={onClose} />
        </View>
        <ScrollView contentContainerStyle={styles.content}>{children}</ScrollView>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  cover: {
    position: 'absolute',
    inset: 0,
    zIndex: 10,
    alignItems: 'center',
    justifyContent: 'center',
    padding: space.s4,
    backgroundColor: 'rgba(20, 13, 10, 0.55)',
  },
  sheet: {
    width: '100%',
    maxWidth: 520,
    maxHeight: '92%',
    borderWidth: 1,
    borderColor: color.edge,
    borderRadius: RADIUS,
    backgroundColor: color.board,
  },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    padding: space.s4,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  content: { padding: space.s4, gap: space.s2 },
});

import { useEffectEvent, useLayoutEffect, useRef, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '../button';
import { Say } from '../text';
import { color, RADIUS, space } from '../tokens';
import { partSays } from '../says';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** The dialog fills the page and shades it; the sheet stands in its middle. */
const COVER = {
  position: 'fixed',
  inset: 0,
  width: '100%',
  height: '100%',
  maxWidth: 'none',
  maxHeight: 'none',
  margin: 0,
  padding: space.s4,
  border: 0,
  boxSizing: 'border-box',
  display: 'flex',
  alignItems: 'center',
  justifyContent: 'center',
  background: 'rgba(20, 13, 10, 0.55)',
} as const;

/**
 * A sheet over the page: the browser's own modal dialog. It keeps the focus within, gives it back when
 * it closes, and closes with Esc.
 */
export function Overlay({ title, onClose, children }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const close = useEffectEvent(onClose);
  // With the sheet itself, not after it was painted: an Esc pressed at once is meant for it.
  useLayoutEffect(() => {
    const here = dialog.current;
    const before = document.activeElement as HTMLElement | null;
    here?.showModal?.();
    const field = here?.querySelector<HTMLElement>('input');
    (field ?? here?.querySelector<HTMLElement>('button, [role=button]'))?.focus();
    // The page's keys are not to hear it: there Esc leads back.
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      event.preventDefault();
      event.stopImmediatePropagation();
      close();
    };
    window.addEventListener('keydown', onKey, true);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      here?.close?.();
      before?.focus();
    };
  }, []);
  const onCancel = (event: { preventDefault(): void }) => {
    event.preventDefault();
    onClose();
  };
  return (
    <dialog ref={dialog} aria-label={title} onCancel={onCancel} style={COVER}>
      <View style={styles.sheet}>
        <View style={styles.head}>
          <Say size="large" face="slab" heading={2}>
            {title}
          </Say>
          <Button label={partSays.close} onPress={onClose} />
        </View>
        <ScrollView contentContainerStyle={styles.content}>{children}</ScrollView>
      </View>
    </dialog>
  );
}

const styles = StyleSheet.create({
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

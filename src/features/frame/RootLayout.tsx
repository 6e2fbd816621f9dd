import { Slot, type ErrorBoundaryProps } from 'expo-router';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { BookProvider, useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { applyTheme, color, space } from '@/ui/tokens';
import { FormatsProvider } from './formats';
import { Head } from './Head';
import { Keys } from './keys/Keys';
import { NewVersionNote } from './NewVersionNote';
import { Overlays } from './Overlays';
import { PlacesBar } from './PlacesBar';
import { TimerLine } from './TimerLine';
import { useIsWide } from './useIsWide';
import { warmUp } from './warmUp';

/** Which book a first visit opens, as the server wrote it into the page. */
function startBook(): 'demo' | 'own' {
  const meta = document.querySelector('meta[name="zolder-start"]');
  return meta?.getAttribute('content') === 'demo' ? 'demo' : 'own';
}

/** The house round every screen: the open book, the head, the places. */
export function RootLayout() {
  return (
    <BookProvider
      start={startBook()}
      opening={<Skeleton label="Opening the book" />}
      failed={failed}
    >
      <FormatsProvider>
        <Keys>
          <Frame />
        </Keys>
      </FormatsProvider>
    </BookProvider>
  );
}

function Frame() {
  const { device, opened } = useBook();
  const wide = useIsWide();
  useEffect(() => applyTheme(device.theme, device.textScale), [device]);
  useEffect(() => warmUp(), []);
  return (
    <View style={[styles.frame, wide && styles.wide]}>
      {wide ? <PlacesBar wide /> : null}
      <View style={styles.place}>
        <Head />
        <NewVersionNote />
        <TimerLine />
        {opened.damaged > 0 ? <Damaged count={opened.damaged} /> : null}
        <Slot />
      </View>
      {wide ? null : <PlacesBar wide={false} />}
      <Overlays />
    </View>
  );
}

function Damaged({ count }: { readonly count: number }) {
  return (
    <View role="alert" style={styles.alert}>
      <Say size="small" tone="off" bold>
        {count} {count === 1 ? 'entry' : 'entries'} of this book could not be read. They are kept as
        they are; everything else works.
      </Say>
    </View>
  );
}

function failed(message: string) {
  return (
    <View role="alert" style={styles.failed}>
      <Say size="huge" face="slab" heading={1}>
        The book could not be opened.
      </Say>
      <Say>{message}</Say>
      <Say>
        Nothing was changed. If this is a private window, storage may be switched off: open Zolder
        in an ordinary one.
      </Say>
      <Button kind="main" label="Try again" onPress={() => window.location.reload()} />
    </View>
  );
}

/** Shown when a screen breaks or a part of the app could not be loaded. */
export function RootErrorBoundary({ error, retry }: ErrorBoundaryProps) {
  return (
    <View role="alert" style={styles.failed}>
      <Say size="huge" face="slab" heading={1}>
        This screen broke.
      </Say>
      <Say>What you saved is safe. What went wrong: {error.message}</Say>
      <Button kind="main" label="Load it again" onPress={() => void retry()} />
      <Button label="Back to the Round" onPress={() => window.location.assign('/')} />
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { flex: 1, minHeight: 0, backgroundColor: color.board },
  wide: { flexDirection: 'row' },
  place: { flex: 1, minHeight: 0, minWidth: 0 },
  alert: { padding: space.s3 },
  failed: { flex: 1, justifyContent: 'center', gap: space.s3, padding: space.s6 },
});

import { Slot, usePathname, useRouter, type ErrorBoundaryProps } from 'expo-router';
import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { BookProvider, questions, useBook, useNowMs } from '@/book/react';
import { useFirstAnswer } from '@/shell/useFirstAnswer';
import { noteTrouble } from '@/trouble';
import { inBase } from '@/ui/inBase';
import { Button } from '@/ui/button';
import { applyTheme, color, space } from '@/ui/tokens';
import { ActLine } from './ActLine';
import { ClockNote } from './ClockNote';
import { EarlierLine } from './EarlierLine';
import { EmptiedPage } from './EmptiedPage';
import { FormatsProvider } from '@/shell/formats';
import { Head } from './Head';
import { WalkHead } from './WalkHead';
import { useWalking } from '@/shell/navigation/useWalking';
import { HealthNote } from './HealthNote';
import { HouseNote } from './HouseNote';
import { Keys } from '@/shell/keys/Keys';
import { NewVersionNote } from './NewVersionNote';
import { Opening } from './Opening';
import { OpeningFailed } from './OpeningFailed';
import { Overlays } from './Overlays';
import { Broken, LeftOutIfBroken, PlaceBoundary, ScreenBroken } from './PlaceBoundary';
import { PlacesBar } from './PlacesBar';
import { chunkPart } from '@/shell/chunk';
import { Tour } from '@/features/welcome/Tour';
import { TimerLine } from './TimerLine';
import { watchInstall } from '@/shell/device/install';
import { useIsWide } from '@/shell/useIsWide';
import { useVisibleHeight } from '@/shell/useVisibleHeight';
import { keepLook } from '@/shell/firstFrame/keep';
import { dropFirstFrame, hearFirstPress } from '@/ui/firstFrame';
import { useKeptRound } from './useKeptRound';
import { useStillUnderThumb } from './useStillUnderThumb';
import { start } from './firstAsk';
import { readyRound, warmUp } from './warmUp';
import { paths } from '@/shell/navigation/paths';
import { openingSays } from '@/words/frame/opening';

const TakeAlong = chunkPart('forms', 'TakeAlong');

/** The frame before the app never stands longer than this over an open book, ms. */
const FRAME_AT_MOST_MS = 15_000;

/** The house round every screen: the open book, the head, the places. */
export function RootLayout() {
  useEffect(() => {
    const onError = ({ error, message }: ErrorEvent) => noteTrouble('page', error ?? message);
    const onRejection = ({ reason }: PromiseRejectionEvent) => noteTrouble('promise', reason);
    window.addEventListener('error', onError);
    window.addEventListener('unhandledrejection', onRejection);
    return () => {
      window.removeEventListener('error', onError);
      window.removeEventListener('unhandledrejection', onRejection);
    };
  }, []);
  useEffect(() => watchInstall(), []);
  useEffect(() => readyRound(), []);
  if (start === 'take-along') return <TakeAlong />;
  return (
    <BookProvider
      start={start}
      opening={(goOnInMemory) => <Opening goOnInMemory={goOnInMemory} />}
      failed={(failure) => <OpeningFailed {...failure} />}
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
  const drawn = useRef<View>(null);
  const notes = useRef<View>(null);
  const wide = useIsWide();
  const keypad = useVisibleHeight();
  // A stop of the walk has a phone's screen to itself.
  const walking = useWalking() && !wide;
  const { theme, textScale } = device;
  useEffect(() => {
    applyTheme(theme, textScale);
    keepLook({ theme, textScale, book: opened.book });
  }, [theme, textScale, opened.book]);
  useEffect(() => {
    const timer = setTimeout(dropFirstFrame, FRAME_AT_MOST_MS);
    return () => clearTimeout(timer);
  }, []);
  const router = useRouter();
  useEffect(() => hearFirstPress((path) => router.navigate(path)), [router]);
  useKeptRound(drawn);
  useStillUnderThumb(notes);
  useEffect(() => warmUp(), []);
  return (
    <View style={[styles.frame, wide && styles.wide]}>
      {wide ? <PlacesBar wide /> : null}
      <View style={styles.place}>
        {walking ? <WalkHead /> : HEAD}
        <View ref={drawn} style={styles.place}>
          <View ref={notes} style={styles.notes}>
            {NOTES}
          </View>
          {PLACE}
        </View>
        {ACT_LINE}
      </View>
      {wide || keypad || walking ? null : <PlacesBar wide={false} />}
      {OVERLAYS}
    </View>
  );
}

// Made once: going from place to place draws nothing of them anew.
const HEAD = <Head />;
const NOTES = (
  <>
    <NewVersionNote />
    <ClockNote />
    <LeftOutIfBroken about="timers">
      <TimerLine />
    </LeftOutIfBroken>
    <EarlierLine />
    <LeftOutIfBroken about="tour">
      <Tour />
    </LeftOutIfBroken>
    <LeftOutIfBroken about="health">
      <HealthNote />
      <HouseNote />
    </LeftOutIfBroken>
  </>
);
const PLACE = (
  <PlaceBoundary>
    <Here />
  </PlaceBoundary>
);
const ACT_LINE = <ActLine />;
const OVERLAYS = (
  <LeftOutIfBroken about="overlays">
    <Overlays />
  </LeftOutIfBroken>
);

/** The screen of this address; the alarm in its place where the book was emptied. */
function Here() {
  const nowMs = useNowMs();
  const path = usePathname();
  const { data } = useFirstAnswer(questions.health(nowMs));
  const elsewhere = ([paths.bookFile, paths.settings, paths.help] as string[]).includes(path);
  return data?.emptied && !elsewhere ? (
    <EmptiedPage emptied={data.emptied} />
  ) : (
    <Slot unstable_screenErrorBoundary={ScreenBroken} />
  );
}

/** Shown when the house itself breaks or could not be loaded. */
export function RootErrorBoundary({ error, retry }: ErrorBoundaryProps) {
  return (
    <View style={styles.failed}>
      <Broken error={error} again={retry} />
      <Button
        label={openingSays.backToTheRound}
        onPress={() => window.location.assign(inBase('/'))}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { flex: 1, minHeight: 0, backgroundColor: color.board },
  wide: { flexDirection: 'row' },
  place: { flex: 1, minHeight: 0, minWidth: 0 },
  notes: { flexShrink: 0 },
  failed: { flex: 1, gap: space.s3, padding: space.s6 },
});

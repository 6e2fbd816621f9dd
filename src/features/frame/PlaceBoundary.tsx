import { useQueryErrorResetBoundary } from '@tanstack/react-query';
import { usePathname, type ErrorBoundaryProps } from 'expo-router';
import { Component, useEffect, useLayoutEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { inBackground, messageOf, noteTrouble } from '@/trouble';
import { inBase } from '@/ui/inBase';
import { Button } from '@/ui/button';
import { dropFirstFrame } from '@/ui/firstFrame';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { frameSays } from '@/words/frame/frame';

interface BoundaryProps {
  readonly children: ReactNode;
  /** What stands in its place, given what went wrong and how to try again. */
  readonly fallback: (error: unknown, again: () => void) => ReactNode;
  /** A new value (another screen) tries again by itself. */
  readonly about: string;
  readonly onAgain?: () => void;
}

interface State {
  readonly error: unknown;
  readonly broken: boolean;
  readonly about: string;
}

/** Holds what breaks within it; everything around goes on. */
class Boundary extends Component<BoundaryProps, State> {
  override state: State = { error: undefined, broken: false, about: this.props.about };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error, broken: true };
  }

  static getDerivedStateFromProps({ about }: BoundaryProps, state: State): Partial<State> | null {
    return about === state.about ? null : { about, broken: false, error: undefined };
  }

  override componentDidCatch(error: unknown): void {
    noteTrouble(frameSays.screenAt(this.props.about), error);
  }

  private readonly again = () => {
    this.props.onAgain?.();
    this.setState({ broken: false, error: undefined });
  };

  override render(): ReactNode {
    const { children, fallback } = this.props;
    return this.state.broken ? fallback(this.state.error, this.again) : children;
  }
}

/** A part of the app that could not be loaded, not one that broke. */
const COULD_NOT_LOAD =
  /load(ing)? (module|chunk|script)|failed to fetch|import|network|AsyncRequire/i;

/** How soon a part that could not be loaded is tried again, ms. */
const RETRY_MS = 3000;

/** A part that still does not come is not asked for by the second, ms. */
const RELOAD_GAP_MS = 20_000;

const RELOADED_KEY = 'zolder-loaded-again';

/** Whether the page was not loaded anew just now; remembers that it is. */
function mayReload(nowMs: number): boolean {
  try {
    const lastMs = Number(sessionStorage.getItem(RELOADED_KEY) ?? 0);
    if (nowMs - lastMs < RELOAD_GAP_MS && nowMs >= lastMs) return false;
    sessionStorage.setItem(RELOADED_KEY, String(nowMs));
  } catch {
    // Without it the page is loaded anew whenever its server answers.
  }
  return true;
}

/**
 * Loads the page anew as soon as its server answers: a part that failed once is not asked for again
 * by the page that asked. What was typed is kept as a draft. The service worker's own file is asked
 * for, being the one that is never answered from what is kept.
 */
async function loadAgain(): Promise<void> {
  const answers = await fetch(inBase('/sw.js'), { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );
  if (answers && mayReload(Date.now())) window.location.reload();
}

/** Addresses of files tell a grower nothing. */
const withoutAddresses = (message: string) => message.replace(/\b\w+:\/\/\S+/g, '…');

/**
 * Stands in place of one screen that broke or could not be loaded; the head, the places and every
 * other screen go on.
 */
export function ScreenBroken({ error, retry }: ErrorBoundaryProps) {
  const path = usePathname();
  const { reset } = useQueryErrorResetBoundary();
  useEffect(() => noteTrouble(frameSays.screenAt(path), error), [path, error]);
  // Left for another screen, the question is asked anew when this one is opened again.
  useEffect(() => reset, [reset]);
  const again = () => {
    reset();
    return retry();
  };
  return <Broken error={error} again={again} />;
}

/** What breaks a whole place (its own frame could not be loaded): said, with a way back. */
export function PlaceBoundary({ children }: { readonly children: ReactNode }) {
  const { reset } = useQueryErrorResetBoundary();
  return (
    <Boundary
      about="place"
      onAgain={reset}
      fallback={(error, again) => (
        <>
          <Broken error={error} again={again} />
          <Button
            label={frameSays.loadTheRound}
            onPress={() => window.location.assign(inBase('/'))}
          />
        </>
      )}
    >
      {children}
    </Boundary>
  );
}

/** A part that is left out while it cannot be shown; what went wrong with it is noted. */
export function LeftOutIfBroken({ children, about }: { children: ReactNode; about: string }) {
  const path = usePathname();
  return (
    <Boundary about={`${about} ${path}`} fallback={() => null}>
      {children}
    </Boundary>
  );
}

/** What broke, or could not be loaded, in its place, with another try. */
export function Broken({
  error,
  again,
}: {
  readonly error: unknown;
  readonly again: () => unknown;
}) {
  const loading = COULD_NOT_LOAD.test(messageOf(error));
  useLayoutEffect(dropFirstFrame, []);
  useEffect(() => {
    if (!loading) return;
    const again = () => inBackground(frameSays.loadingAgain, loadAgain());
    const timer = setInterval(again, RETRY_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [loading]);
  return (
    <View role="alert" style={styles.broken}>
      <Say size="large" face="slab" heading={1}>
        {loading ? frameSays.notLoadedYet : commonSays.thisScreenBroke}
      </Say>
      <Say>{loading ? frameSays.serverAway : frameSays.savedIsSafe}</Say>
      {loading ? null : (
        <Say size="small" tone="soft">
          {withoutAddresses(messageOf(error))}
        </Say>
      )}
      <Button kind="main" label={commonSays.tryAgain} onPress={loading ? loadAgain : again} />
    </View>
  );
}

const styles = StyleSheet.create({
  broken: { flex: 1, justifyContent: 'center', gap: space.s3, padding: space.s6 },
});

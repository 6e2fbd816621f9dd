import { useQueryErrorResetBoundary } from '@tanstack/react-query';
import { usePathname, type ErrorBoundaryProps } from 'expo-router';
import { Component, useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { inBackground, messageOf, noteTrouble } from '@/trouble';
import { Button } from '@/ui/button';
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

/**
 * Loads the page anew as soon as its server answers: a part that failed once is not asked for again
 * by the page that asked. What was typed is kept as a draft.
 */
async function loadAgain(): Promise<void> {
  const answers = await fetch('/health', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );
  if (answers) window.location.reload();
}

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
          <Button label={frameSays.loadTheRound} onPress={() => window.location.assign('/')} />
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

function Broken({ error, again }: { readonly error: unknown; readonly again: () => unknown }) {
  const loading = COULD_NOT_LOAD.test(messageOf(error));
  useEffect(() => {
    if (!loading) return;
    const timer = setInterval(() => inBackground(frameSays.loadingAgain, loadAgain()), RETRY_MS);
    return () => clearInterval(timer);
  }, [loading]);
  return (
    <View role="alert" style={styles.broken}>
      <Say size="large" face="slab" heading={1}>
        {loading ? frameSays.notLoadedYet : commonSays.thisScreenBroke}
      </Say>
      <Say>{loading ? frameSays.serverAway : frameSays.savedIsSafe}</Say>
      <Say size="small" tone="soft">
        {messageOf(error)}
      </Say>
      <Button kind="main" label={commonSays.tryAgain} onPress={loading ? loadAgain : again} />
    </View>
  );
}

const styles = StyleSheet.create({
  broken: { flex: 1, justifyContent: 'center', gap: space.s3, padding: space.s6 },
});

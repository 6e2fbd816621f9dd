import { router } from 'expo-router';
import { ctx } from 'expo-router/_ctx';
import { thisMoment } from '@/book/client';
import { fromChunk } from '@/shell/chunk';
import { whenIdle } from '@/ui/whenIdle';
import { paths } from '@/shell/navigation/paths';
import { isRound } from './firstAsk';

/** What the next press is likely to need, in steps short enough not to hold one up. */
const STEPS: readonly (() => unknown)[] = [
  // The first address to be understood compiles every route; one without parameters, for a screen
  // that was prefetched is shown as it was asked for then.
  () => router.prefetch(paths.help),
  // What the first save is stamped with: the first asking for a time zone is slow.
  () => thisMoment(),
  () => fromChunk('charts', 'TankHistory'),
  () => fromChunk('read', 'ReadIndex'),
  () => fromChunk('dosing', 'DoseScreen'),
];

/** Reads the screen of the Round while its book is being opened. */
export function readyRound(): void {
  if (isRound()) ctx('./index.tsx');
}

/** Left alone this long after the app opened, ms: the first answer comes first. */
const QUIET_MS = 1500;

/**
 * Gets ready what the next press will need, one step in each idle moment: the first Read of the
 * morning then opens as fast as the tenth. Returns how to stop.
 */
export function warmUp(): () => void {
  let stopped = false;
  let at = 0;
  const next = () => {
    if (stopped) return;
    STEPS[at]?.();
    at += 1;
    if (at < STEPS.length) whenIdle(next);
  };
  setTimeout(() => whenIdle(next), QUIET_MS);
  return () => {
    stopped = true;
  };
}

import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import type { TimerRow } from '@/book/answers';
import { call, onCallPressed } from '@/shell/device/calls';
import type { Path } from '@/shell/navigation/paths';
import { inBackground } from '@/trouble';
import { timerWords } from '@/words/frame/timerWords';
import { timerHref } from './timerLine';

/** Browsers hold no longer timeout than this, ms; a later end is waited for once it is nearer. */
const LONGEST_MS = 2 ** 31 - 1;

/** Calls the owner when a timer ends while the page is not in front; a press on the call leads there. */
export function useTimerCalls(timers: readonly TimerRow[] | undefined): void {
  const router = useRouter();
  useEffect(() => onCallPressed((path) => router.navigate(path as Path)), [router]);
  useEffect(() => {
    const nowMs = Date.now();
    const waiting = (timers ?? [])
      .filter(({ endMs }) => endMs > nowMs && endMs - nowMs < LONGEST_MS)
      .map((timer) =>
        setTimeout(() => {
          if (document.visibilityState === 'visible') return;
          const text = timerWords(timer, timer.endMs);
          const about = { text, path: timerHref(timer), tag: `timer/${timer.id}` };
          inBackground('calling', call(about));
        }, timer.endMs - nowMs),
      );
    return () => waiting.forEach(clearTimeout);
  }, [timers]);
}

import { useEffect, useRef, useState } from 'react';
import { clockJump, type ClockJump, type ClockLook } from '@/timers/clockWatch';

const KEY = 'zolder-clock';
const EVERY_MS = 30_000;

const lookNow = (): ClockLook => ({ wallMs: Date.now(), countedMs: performance.now() });

/** The device's time when Zolder was last open here; undefined where nobody knows. */
function lastOpen(): ClockLook | undefined {
  try {
    const wallMs = Number(localStorage.getItem(KEY) ?? Number.NaN);
    return Number.isFinite(wallMs) ? { wallMs, countedMs: 0 } : undefined;
  } catch {
    return undefined;
  }
}

function remember({ wallMs }: ClockLook): void {
  try {
    localStorage.setItem(KEY, String(wallMs));
  } catch {
    // Then a clock set back while Zolder was closed goes unnoticed.
  }
}

/** Watches the device's clock; answers a jump until the grower says that it is right now. */
export function useClockJump(): { jump: ClockJump | undefined; isRight: () => void } {
  const [jump, setJump] = useState<ClockJump>();
  const before = useRef<ClockLook>(undefined);
  useEffect(() => {
    let wasVisible = true;
    const look = () => {
      const now = lookNow();
      const last = before.current ?? lastOpen();
      const awake = before.current !== undefined && wasVisible;
      const found = last && clockJump(last, now, { awake });
      if (found) setJump(found);
      before.current = now;
      wasVisible = document.visibilityState === 'visible';
      remember(now);
    };
    look();
    const timer = setInterval(look, EVERY_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return { jump, isRight: () => setJump(undefined) };
}

import { useEffect, useRef, useState } from 'react';
import { clockJump, type ClockJump, type ClockLook } from '@/timers/clockWatch';

const KEY = 'zolder-clock';
/** A jump that nobody has answered yet: a page that is loaded anew still tells it. */
const JUMP_KEY = 'zolder-clock-jump';
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

/** The jump that waits for its answer; undefined where none does. */
function openJump(): ClockJump | undefined {
  try {
    const data = JSON.parse(localStorage.getItem(JUMP_KEY) ?? 'null') as ClockJump | null;
    return typeof data?.byMs === 'number' ? data : undefined;
  } catch {
    return undefined;
  }
}

function keepJump(jump: ClockJump | undefined): void {
  try {
    if (jump) localStorage.setItem(JUMP_KEY, JSON.stringify(jump));
    else localStorage.removeItem(JUMP_KEY);
  } catch {
    // It is told for as long as this page is open.
  }
}

/** Watches the device's clock; answers a jump until the grower says that it is right now. */
export function useClockJump(): { jump: ClockJump | undefined; isRight: () => void } {
  const [jump, setJump] = useState(openJump);
  const before = useRef<ClockLook>(undefined);
  useEffect(() => {
    let wasVisible = true;
    const look = () => {
      const now = lookNow();
      const last = before.current ?? lastOpen();
      const awake = before.current !== undefined && wasVisible;
      const found = last && clockJump(last, now, { awake });
      if (found) {
        setJump(found);
        keepJump(found);
      }
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
  const isRight = () => {
    setJump(undefined);
    keepJump(undefined);
  };
  return { jump, isRight };
}

import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';

/** A browser tells of a click a moment after the thumb is up, ms. */
const CLICK_FOLLOWS_MS = 100;

/** Of a thumb that slid off the window nothing is heard: longer than this nothing is held, ms. */
const HOLDS_AT_MOST_MS = 2000;

/**
 * Holds what stands over a screen at its height while a thumb is down: a timer or a note that comes just then
 * would move what is pressed away from under it, and the press would be lost. It shows once the thumb is up.
 */
export function useStillUnderThumb(over: RefObject<View | null>): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const element = () => over.current as unknown as HTMLElement | null;
    const letGo = () => {
      const held = element();
      if (!held) return;
      held.style.height = '';
      held.style.overflow = '';
    };
    const hold = () => {
      const held = element();
      if (!held) return;
      clearTimeout(timer);
      held.style.height = `${held.offsetHeight}px`;
      held.style.overflow = 'hidden';
      timer = setTimeout(letGo, HOLDS_AT_MOST_MS);
    };
    const letGoSoon = () => {
      clearTimeout(timer);
      timer = setTimeout(letGo, CLICK_FOLLOWS_MS);
    };
    const ends = ['pointerup', 'pointercancel'] as const;
    document.addEventListener('pointerdown', hold, true);
    for (const end of ends) document.addEventListener(end, letGoSoon, true);
    return () => {
      clearTimeout(timer);
      letGo();
      document.removeEventListener('pointerdown', hold, true);
      for (const end of ends) document.removeEventListener(end, letGoSoon, true);
    };
  }, [over]);
}

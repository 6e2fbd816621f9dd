import { useQueryClient } from '@tanstack/react-query';
import { usePathname } from 'expo-router';
import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';
import { useBook } from '@/book/react';
import { keepRound } from '@/shell/firstFrame/keep';
import { paths } from '@/shell/navigation/paths';
import { useIsWide } from '@/shell/useIsWide';
import { clock, shortDay } from '@/words';
import { frameSays } from '@/words/frame/frame';

/** What changes settles for so long before it is kept, ms. */
const SETTLED_MS = 700;

const isScrolled = (within: Element) =>
  Array.from(within.querySelectorAll('*')).some(({ scrollTop }) => scrollTop > 0);

/** Keeps the own Round as it is drawn, each time it changed and lies at its top. */
export function useKeptRound(drawn: RefObject<View | null>): void {
  const { opened, device } = useBook();
  const wide = useIsWide();
  const queries = useQueryClient();
  const isHere = usePathname() === paths.round && opened.book === 'own';
  const { textScale } = device;
  useEffect(() => {
    if (!isHere) return;
    const keepNow = () => {
      const place = drawn.current as unknown as Element | null;
      if (!place?.querySelector('[role=heading]') || isScrolled(place)) return;
      const nowMs = Date.now();
      const told = frameSays.asItStood(shortDay(nowMs), clock(nowMs));
      keepRound(Array.from(place.children), { wide, textScale, told });
    };
    let timer = setTimeout(keepNow, SETTLED_MS);
    const stop = queries.getQueryCache().subscribe(({ type }) => {
      if (type !== 'updated') return;
      clearTimeout(timer);
      timer = setTimeout(keepNow, SETTLED_MS);
    });
    return () => {
      stop();
      clearTimeout(timer);
    };
  }, [isHere, wide, textScale, queries, drawn]);
}

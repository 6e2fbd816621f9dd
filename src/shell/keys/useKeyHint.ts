import { useBook } from '@/book/react';
import { useIsWide } from '../useIsWide';

/** Shows a key beside its act where there is a keyboard to press it: wide, and keys not switched off. */
export function useKeyHint(): (key: string) => string | undefined {
  const wide = useIsWide();
  const { device } = useBook();
  return (key) => (wide && device.shortcuts ? key : undefined);
}

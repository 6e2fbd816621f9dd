import { Slot } from 'expo-router';
import { useIsWide } from '@/shell/useIsWide';
import { Panes } from '@/ui/layout';
import { ShelfScreen } from './ShelfScreen';

/** The place: one screen at a time on a phone, list and detail side by side on a wide page. */
export function ShelfPlace() {
  const wide = useIsWide();
  return wide ? <Panes list={<ShelfScreen />} main={<Slot />} /> : <Slot />;
}

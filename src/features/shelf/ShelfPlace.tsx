import { Slot } from 'expo-router';
import { Panes } from '@/ui/layout';
import { ShelfScreen } from './ShelfScreen';

/** The place: one screen at a time on a phone, list and detail side by side on a wide page. */
export function ShelfPlace() {
  return <Panes list={<ShelfScreen />} main={<Slot />} />;
}

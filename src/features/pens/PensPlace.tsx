import { Slot } from 'expo-router';
import { useIsWide } from '@/features/frame/useIsWide';
import { Panes } from '@/ui/layout';
import { PensScreen } from './PensScreen';

/** The place: one screen at a time on a phone, list and detail side by side on a wide page. */
export function PensPlace() {
  const wide = useIsWide();
  return wide ? <Panes list={<PensScreen />} detail={<Slot />} /> : <Slot />;
}

import { Slot, useGlobalSearchParams, useSegments } from 'expo-router';
import { Panes } from '@/ui/layout';
import { TankDetail } from './TankScreen';
import { TanksScreen } from './TanksScreen';
import type { TankId } from '@/records';

/**
 * The place: one screen at a time on a phone; on a wide page the list, the tank, and beside the tank
 * what is being done to it.
 */
export function TanksPlace() {
  const [, within, act] = useSegments() as readonly string[];
  const { tankId } = useGlobalSearchParams<{ tankId?: TankId }>();
  const isActing = within === '[tankId]' && act !== undefined && tankId !== undefined;
  const subject = isActing ? <TankDetail key={tankId} tankId={tankId} beside /> : undefined;
  return <Panes list={<TanksScreen />} subject={subject} main={<Slot />} />;
}

import { Slot, useGlobalSearchParams, useSegments } from 'expo-router';
import { Panes } from '@/ui/layout';
import { PenDetail } from './PenScreen';
import { PensScreen } from './PensScreen';
import type { PenId } from '@/records';

/** What is done to a pen with the pen in view. The look-back wants all the room. */
const BESIDE_PEN: readonly (string | undefined)[] = [
  'bench',
  'care',
  'compare',
  'control',
  'edit',
  'probes',
];

/**
 * The place: one screen at a time on a phone; on a wide page the list, the pen, and beside the pen
 * what is being done to it.
 */
export function PensPlace() {
  const [, within, act] = useSegments() as readonly string[];
  const { penId } = useGlobalSearchParams<{ penId?: PenId }>();
  const isActing = within === '[penId]' && BESIDE_PEN.includes(act) && penId !== undefined;
  const subject = isActing ? <PenDetail key={penId} penId={penId} beside /> : undefined;
  return <Panes list={<PensScreen />} subject={subject} main={<Slot />} />;
}

import { useLocalSearchParams } from 'expo-router';
import { RoundScreen } from '@/features/round/RoundScreen';
import { TankDetail } from '@/features/tanks/TankScreen';
import { Panes } from '@/ui/layout';
import { ReadScreen } from './ReadScreen';

/** Read: a sheet over everything on a phone, a third pane beside the tank on a wide page. */
export function ReadIndex() {
  const { tank } = useLocalSearchParams<{ tank?: string }>();
  const subject = tank === undefined ? undefined : <TankDetail tankId={tank} beside />;
  return <Panes list={<RoundScreen />} subject={subject} main={<ReadScreen />} />;
}

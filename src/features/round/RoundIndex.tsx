import { useIsWide } from '@/shell/useIsWide';
import { Panes } from '@/ui/layout';
import { NextStop } from './NextStop';
import { RoundScreen } from './RoundScreen';

/** Home: the walk; on a wide page with the next stop opened beside it. */
export function RoundIndex() {
  return useIsWide() ? <Panes list={<RoundScreen />} main={<NextStop />} /> : <RoundScreen />;
}

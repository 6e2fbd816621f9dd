import { TanksTable } from '@/features/LazyTables';
import { useIsWide } from '@/features/frame/useIsWide';
import { TanksScreen } from './TanksScreen';

/** The list on a phone; beside the list, on a wide page, all tanks to compare. */
export function TanksIndex() {
  return useIsWide() ? <TanksTable /> : <TanksScreen />;
}

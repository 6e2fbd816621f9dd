import { chunkPart } from '@/shell/chunk';
import { useIsWide } from '@/shell/useIsWide';
import { TanksScreen } from './TanksScreen';

const TanksTable = chunkPart('tables', 'TanksTable');

/** The list on a phone; beside the list, on a wide page, all tanks to compare. */
export function TanksIndex() {
  return useIsWide() ? <TanksTable /> : <TanksScreen />;
}

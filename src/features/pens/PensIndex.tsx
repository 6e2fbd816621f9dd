import { PensTable } from '@/features/LazyTables';
import { useIsWide } from '@/features/frame/useIsWide';
import { PensScreen } from './PensScreen';

/** The list on a phone; beside the list, on a wide page, all pens to compare. */
export function PensIndex() {
  return useIsWide() ? <PensTable /> : <PensScreen />;
}

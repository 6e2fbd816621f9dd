import { ShelfTable } from '@/features/LazyTables';
import { useIsWide } from '@/features/frame/useIsWide';
import { ShelfScreen } from './ShelfScreen';

/** The list on a phone; beside the list, on a wide page, all lots to compare. */
export function ShelfIndex() {
  return useIsWide() ? <ShelfTable /> : <ShelfScreen />;
}

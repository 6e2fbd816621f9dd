import { chunkPart } from '@/shell/chunk';
import { useIsWide } from '@/shell/useIsWide';
import { ShelfScreen } from './ShelfScreen';

const ShelfTable = chunkPart('tables', 'ShelfTable');

/** The list on a phone; beside the list, on a wide page, all lots to compare. */
export function ShelfIndex() {
  return useIsWide() ? <ShelfTable /> : <ShelfScreen />;
}

import { chunkPart } from '@/shell/chunk';
import { useIsWide } from '@/shell/useIsWide';
import { PensScreen } from './PensScreen';

const PensTable = chunkPart('tables', 'PensTable');

/** The list on a phone; beside the list, on a wide page, all pens to compare. */
export function PensIndex() {
  return useIsWide() ? <PensTable /> : <PensScreen />;
}

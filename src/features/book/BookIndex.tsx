import { chunkPart } from '@/shell/chunk';
import { useIsWide } from '@/shell/useIsWide';
import { BookScreen } from './BookScreen';

const LedgerTable = chunkPart('tables', 'LedgerTable');

/** Everything in time order: a list on a phone, a table to sort and filter on a wide page. */
export function BookIndex() {
  return useIsWide() ? <LedgerTable /> : <BookScreen />;
}

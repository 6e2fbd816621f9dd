import { LedgerTable } from '@/features/LazyTables';
import { useIsWide } from '@/features/frame/useIsWide';
import { BookScreen } from './BookScreen';

/** Everything in time order: a list on a phone, a table to sort and filter on a wide page. */
export function BookIndex() {
  return useIsWide() ? <LedgerTable /> : <BookScreen />;
}

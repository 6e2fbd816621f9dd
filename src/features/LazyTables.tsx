import { lazy, Suspense, type ComponentType } from 'react';
import { Skeleton } from '@/ui/layout';

type Tables = typeof import('./tables');

/** Loads a table when a wide page first shows one. */
function lazyTable(name: keyof Tables) {
  const Table = lazy(async () => ({ default: (await import('./tables'))[name] as ComponentType }));
  return function LazyTable() {
    return (
      <Suspense fallback={<Skeleton label="Loading the table" />}>
        <Table />
      </Suspense>
    );
  };
}

export const TanksTable = lazyTable('TanksTable');
export const PensTable = lazyTable('PensTable');
export const ShelfTable = lazyTable('ShelfTable');
export const LedgerTable = lazyTable('LedgerTable');

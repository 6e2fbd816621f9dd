import { useRows } from '@/book/react';
import type { SimProfile } from '@/core/simulated-pen';

/** Pens of the open book by their ids; undefined until they are there. */
export function usePensById():
  ReadonlyMap<string, SimProfile & { readonly code: string; readonly name: string }> | undefined {
  const { data: rows } = useRows('pen');
  return rows && new Map(rows.map(({ id, body }) => [id, body]));
}

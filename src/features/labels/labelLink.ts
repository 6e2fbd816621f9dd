import { paths, type Path } from '@/shell/navigation/paths';
import type { Labelled } from '@/book/answers';

/** Where a label leads: a tank's Read, a pen's page, a bottle's. */
export function pathOf({ kind, id }: Labelled): Path {
  if (kind === 'tank') return paths.read({ tank: id });
  return kind === 'pen' ? paths.pen(id) : paths.lot(id);
}

/**
 * What is printed as a code: the address in capitals, for which a code needs fewer squares. A path of a
 * host keeps its spelling: capitals there would be another place.
 */
export function labelLink(short: string, origin: string, base: string): string {
  return `${origin.toUpperCase()}${base}${paths.label(short)}`;
}

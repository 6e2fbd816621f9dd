import type { NameSeen, PenMatch, PenSeen, PlaceMatch, TableWish } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { isRejected, type CheckRow, type ReadRow, type Rejected } from '@/interchange/intake';
import type { PenId, TankId } from '@/records';
import type { BookState } from '../engine/bookState';

/** A row of the table, read. */
export type TableRow = ReadRow | CheckRow | Rejected;

const plain = (name: string) => name.trim().toLowerCase();

/** The one record that bears a name; null where none does or several do. */
function bearing(all: readonly (readonly [id: string, names: readonly string[]])[], name: string) {
  const found = all.filter(([, names]) => names.some((one) => one && plain(one) === plain(name)));
  return found.length === 1 ? found[0]![0] : null;
}

/** What a map says of a name of the table, whatever the name. */
const told = <T>(all: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(all, name) ? all[name] : undefined;

/** The tank or place a name of the table seems to be; the only one there is, where it names none. */
function placeNamed(book: BookState, name: string, before: Readonly<Record<string, string>>) {
  const known = told(before, name);
  if (known && book.record('tank', known)) return known;
  const all = book.all('tank').filter(({ body }) => !body.retired);
  if (name === '') return all.length === 1 ? all[0]!.id : null;
  return bearing(
    book.all('tank').map(({ id, body }) => [id, [body.name]] as const),
    name,
  );
}

function penNamed(book: BookState, name: string, before: Readonly<Record<string, string>>) {
  const known = told(before, name);
  if (known && book.record('pen', known)) return known;
  const all = book.all('pen');
  const here = all.filter(({ body }) => !body.gone);
  if (name === '') return here.length === 1 ? here[0]!.id : null;
  return bearing(
    all.map(({ id, body }) => [id, [body.code, body.name, body.papers?.serial ?? '']] as const),
    name,
  );
}

/** What earlier tables called what is here. */
interface Before {
  readonly places: Readonly<Record<string, string>>;
  readonly pens: Readonly<Record<string, string>>;
}

const sidesOf = (row: ReadRow | CheckRow): readonly (readonly [Quantity, string])[] =>
  'found' in row
    ? [[row.quantity, row.pen]]
    : [
        ...(row.ph ? [['ph', row.ph.pen] as const] : []),
        ...(row.ec ? [['ec', row.ec.pen] as const] : []),
      ];

/** The names that stand in the rows, with what of the book they seem to be. */
export function namesIn(
  book: BookState,
  rows: readonly TableRow[],
  before: Before,
): { places: readonly NameSeen[]; pens: readonly PenSeen[] } {
  const places = new Map<string, number>();
  const pens = new Map<string, { rows: number; measures: Set<Quantity> }>();
  for (const row of rows) {
    if (isRejected(row)) continue;
    if (!('found' in row)) places.set(row.place, (places.get(row.place) ?? 0) + 1);
    for (const [quantity, name] of sidesOf(row)) {
      const seen = pens.get(name) ?? { rows: 0, measures: new Set() };
      pens.set(name, { rows: seen.rows + 1, measures: seen.measures.add(quantity) });
    }
  }
  return {
    places: [...places].map(([name, count]) => ({
      name,
      rows: count,
      knownId: placeNamed(book, name, before.places),
    })),
    pens: [...pens].map(([name, { rows: count, measures }]) => ({
      name,
      rows: count,
      measures: [...measures],
      knownId: penNamed(book, name, before.pens),
    })),
  };
}

/** What the grower matched, and what seems to be meant where nothing was said. */
export interface Matched {
  readonly place: (name: string) => PlaceMatch | undefined;
  readonly pen: (name: string) => PenMatch | undefined;
}

/** What each name of a table stands for: what the grower said, or what it seems to be. */
export function matchedBy(
  wish: Pick<TableWish, 'places' | 'pens'>,
  seen: { readonly places: readonly NameSeen[]; readonly pens: readonly PenSeen[] },
): Matched {
  const usual = <Id extends PenId | TankId>(all: readonly NameSeen<Id>[]) =>
    new Map(
      all.flatMap(({ name, knownId }) =>
        knownId ? [[name, { as: 'known', id: knownId } as const] as const] : [],
      ),
    );
  const [places, pens] = [usual(seen.places), usual(seen.pens)];
  return {
    place: (name) => told(wish.places, name) ?? places.get(name),
    pen: (name) => told(wish.pens, name) ?? pens.get(name),
  };
}

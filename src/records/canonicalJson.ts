type Held = Readonly<Record<string, unknown>>;

/** Keys in order, by the keys as they came: a book's records have few shapes, and sorting is what costs. */
const orders = new Map<string, readonly string[]>();

/** So many shapes are remembered; then it begins anew. */
const ORDERS_MAX = 1000;

/** Parts the keys of a shape; a key that holds it is noticed by `isOrderOf`. */
const BETWEEN = '\u0000';

/** Whether these are the very keys of a value, each once. */
const isOrderOf = (order: readonly string[], held: Held, count: number): boolean =>
  order.length === count && order.every((key) => Object.hasOwn(held, key));

function orderOf(held: Held): readonly string[] {
  const keys = Object.keys(held);
  const shape = keys.join(BETWEEN);
  const known = orders.get(shape);
  if (known && isOrderOf(known, held, keys.length)) return known;
  const order = keys.sort();
  if (orders.size >= ORDERS_MAX) orders.clear();
  orders.set(shape, order);
  return order;
}

/** The same value with the keys of every object in order and without what is undefined. */
function inOrder(value: unknown): unknown {
  if (value === null || typeof value !== 'object') return value;
  if (Array.isArray(value)) return value.map(inOrder);
  const held = value as Held;
  const ordered: Record<string, unknown> = {};
  for (const key of orderOf(held)) {
    const one = held[key];
    if (one !== undefined) ordered[key] = inOrder(one);
  }
  return ordered;
}

/** JSON with the keys of every object in order, so that equal books make equal files, byte for byte. */
export function canonicalJson(value: unknown): string {
  return JSON.stringify(inOrder(value)) ?? 'null';
}

/** Rows a page key goes over. */
const PAGE_ROWS = 10;

/**
 * The row a key leads to from row `at` of `count`, or undefined where the key does not move in a list.
 *
 * @example
 * rowAfterKey('ArrowDown', 3, 5); // => 4
 * rowAfterKey('ArrowDown', 4, 5); // => 4: the last stays the last
 */
export function rowAfterKey(key: string, at: number, count: number): number | undefined {
  const to: Readonly<Record<string, number>> = {
    ArrowDown: at + 1,
    ArrowUp: at - 1,
    PageDown: at + PAGE_ROWS,
    PageUp: at - PAGE_ROWS,
    Home: 0,
    End: count - 1,
  };
  const next = to[key];
  return next === undefined ? undefined : Math.min(Math.max(next, 0), count - 1);
}

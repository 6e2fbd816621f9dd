/** What thinning looks at. */
interface Placed {
  readonly atMs: number;
  readonly value: number;
}

/** What one pixel column of a strip keeps. */
interface Column<P> {
  first: P;
  lowest: P;
  highest: P;
  last: P;
}

/**
 * At most four points for each pixel column: its first, lowest, highest and last. Drawn as a line
 * they cover the same pixels as all of them, so years of readings stay instant. Points come sorted
 * by time; fewer than four a column come back as they are.
 */
export function thinPoints<P extends Placed>(
  points: readonly P[],
  domain: readonly [number, number],
  columns: number,
): readonly P[] {
  if (points.length <= 4 * columns) return points;
  const msPerColumn = (domain[1] - domain[0]) / columns;
  const kept: P[] = [];
  let at = -1;
  let column: Column<P> | undefined;
  const flush = () => {
    if (!column) return;
    const { first, lowest, highest, last } = column;
    const inOrder = [first, lowest, highest, last].sort((a, b) => a.atMs - b.atMs);
    inOrder.forEach((point, index) => {
      if (point !== inOrder[index - 1]) kept.push(point);
    });
  };
  for (const point of points) {
    const next = Math.floor((point.atMs - domain[0]) / msPerColumn);
    if (next !== at || !column) {
      flush();
      at = next;
      column = { first: point, lowest: point, highest: point, last: point };
      continue;
    }
    if (point.value < column.lowest.value) column.lowest = point;
    if (point.value > column.highest.value) column.highest = point;
    column.last = point;
  }
  flush();
  return kept;
}

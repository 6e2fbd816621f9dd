/** Points by place: their moment and value, sorted by time from `from` to before `until`. */
interface Series {
  readonly from: number;
  readonly until: number;
  readonly msAt: (place: number) => number;
  readonly valueAt: (place: number) => number;
}

/**
 * Places of at most four points for each pixel column: its first, lowest, highest and last. Drawn as
 * a line they cover the same pixels as all of them, so years of readings stay instant. Values that
 * are not finite are left out; fewer than four points a column come back all.
 */
export function thinPlaces(
  { from, until, msAt, valueAt }: Series,
  domain: readonly [number, number],
  columns: number,
): readonly number[] {
  const many = until - from > 4 * columns;
  const msPerColumn = (domain[1] - domain[0]) / columns;
  const kept: number[] = [];
  let column = NaN;
  let [first, lowest, highest, last] = [-1, -1, -1, -1];
  const flush = () => {
    const places = [first, lowest, highest, last].sort((a, b) => a - b);
    for (const place of places) if (place >= 0 && place !== kept.at(-1)) kept.push(place);
  };
  for (let place = from; place < until; place += 1) {
    const value = valueAt(place);
    if (!Number.isFinite(value)) continue;
    if (!many) {
      kept.push(place);
      continue;
    }
    const next = Math.floor((msAt(place) - domain[0]) / msPerColumn);
    if (next !== column) {
      flush();
      column = next;
      [first, lowest, highest] = [place, place, place];
    }
    if (value < valueAt(lowest)) lowest = place;
    if (value > valueAt(highest)) highest = place;
    last = place;
  }
  if (many) flush();
  return kept;
}

/** The same for a list of points, all finite; few come back as they are. */
export function thinPoints<P extends { readonly atMs: number; readonly value: number }>(
  points: readonly P[],
  domain: readonly [number, number],
  columns: number,
): readonly P[] {
  if (points.length <= 4 * columns) return points;
  const series = {
    from: 0,
    until: points.length,
    msAt: (place: number) => points[place]!.atMs,
    valueAt: (place: number) => points[place]!.value,
  };
  return thinPlaces(series, domain, columns).map((place) => points[place]!);
}

/** Points by place: their moments and values, sorted by time from `from` to before `until`. */
interface Series {
  readonly from: number;
  readonly until: number;
  readonly atMs: ArrayLike<number>;
  readonly values: ArrayLike<number>;
}

/**
 * Places of at most four points for each pixel column: its first, lowest, highest and last. Drawn as
 * a line they cover the same pixels as all of them, so years of readings stay instant. Values that
 * are not finite are left out; fewer than four points a column come back all.
 */
export function thinPlaces(
  { from, until, atMs, values }: Series,
  domain: readonly [number, number],
  columns: number,
): readonly number[] {
  const many = until - from > 4 * columns;
  const msPerColumn = (domain[1] - domain[0]) / columns;
  const kept: number[] = [];
  let column = NaN;
  let [first, lowest, highest, last] = [-1, -1, -1, -1];
  const keep = (place: number) => {
    if (place >= 0 && place !== kept.at(-1)) kept.push(place);
  };
  const flush = () => {
    keep(first);
    keep(Math.min(lowest, highest));
    keep(Math.max(lowest, highest));
    keep(last);
  };
  for (let place = from; place < until; place += 1) {
    const value = values[place]!;
    if (!Number.isFinite(value)) continue;
    if (!many) {
      kept.push(place);
      continue;
    }
    const next = Math.floor((atMs[place]! - domain[0]) / msPerColumn);
    if (next !== column) {
      flush();
      column = next;
      [first, lowest, highest] = [place, place, place];
    }
    if (value < values[lowest]!) lowest = place;
    if (value > values[highest]!) highest = place;
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
    atMs: points.map(({ atMs }) => atMs),
    values: points.map(({ value }) => value),
  };
  return thinPlaces(series, domain, columns).map((place) => points[place]!);
}

import { HOUR_MS } from '@/core/units';

/** A stretch of time shown, epoch ms. */
export type TimeWindow = readonly [fromMs: number, toMs: number];

/** Closer than this nothing more is to be seen. */
const LEAST_MS = 6 * HOUR_MS;

/** A window moved and, if need be, shortened so that it lies within its limits. */
export function within([from, to]: TimeWindow, [first, last]: TimeWindow): TimeWindow {
  const length = Math.min(Math.max(to - from, LEAST_MS), last - first);
  const start = Math.min(Math.max(from, first), last - length);
  return [start, start + length];
}

/** A window `factor` times as long (below 1: closer), the moment `aroundMs` staying in its place. */
export function zoomed(
  [from, to]: TimeWindow,
  { factor, aroundMs, limits }: { factor: number; aroundMs: number; limits: TimeWindow },
): TimeWindow {
  const length = Math.min(Math.max((to - from) * factor, LEAST_MS), limits[1] - limits[0]);
  const share = to > from ? (aroundMs - from) / (to - from) : 0.5;
  const start = aroundMs - share * length;
  return within([start, start + length], limits);
}

/** A window moved by a share of its own length; positive to later. */
export function panned([from, to]: TimeWindow, share: number, limits: TimeWindow): TimeWindow {
  const by = share * (to - from);
  return within([from + by, to + by], limits);
}

import type { Bank, Node } from './bank';
import { levelVariance, mixed, standardsShare, weightsOf } from './bankMean';
import type { Layout } from './filter';
import { MIN_SMOOTHED_WEIGHT } from './model';
import type { LevelVariance } from './penState';
import { smoothOne, type Smoothed } from './wayBack';

/** One end of a stretch, as known now. */
interface StretchEnd {
  readonly level: number;
  readonly gain: number;
  readonly variance: LevelVariance;
  readonly standards: LevelVariance;
}

/** A stretch of days between two moments, as known from everything before and after. */
export interface Stretch {
  readonly fromMs: number;
  readonly toMs: number;
  readonly era: number;
  readonly start: StretchEnd;
  readonly end: StretchEnd;
  /** Covariance of start (first) and end (second): level-level, level-gain, gain-level, gain-gain. */
  readonly cross: readonly [number, number, number, number];
  /** What walk and jumps added on the way, level and gain. */
  readonly added: readonly [number, number];
}

/** The weights that rule a probe's time: those at its end, without the filters that hardly count. */
function eraWeights(nodes: readonly Node[]): ReadonlyMap<number, readonly number[]> {
  const byEra = new Map<number, readonly number[]>();
  for (const { era, filters } of nodes) {
    const kept = weightsOf(filters).map((w) => (w >= MIN_SMOOTHED_WEIGHT ? w : 0));
    const sum = kept.reduce((total, w) => total + w, 0);
    byEra.set(
      era,
      kept.map((w) => w / sum),
    );
  }
  return byEra;
}

/** The cross-covariance of a mixture's start and end, levels only. */
function crossOf(
  { levels, size }: Layout,
  ends: readonly { readonly start: Smoothed; readonly end: Smoothed }[],
  { weights, start, end }: { weights: readonly number[]; start: Float64Array; end: Float64Array },
): [number, number, number, number] {
  const at = (row: number, column: number) =>
    row >= levels || column >= levels
      ? 0
      : ends.reduce((sum, one, which) => {
          const between =
            (one.start.mean[row]! - start[row]!) * (one.end.mean[column]! - end[column]!);
          return sum + weights[which]! * (one.start.cross![row * size + column]! + between);
        }, 0);
  return [at(0, 0), at(0, 1), at(1, 0), at(1, 1)];
}

/** The past of a pen as everything seen of it tells: one stretch for each span of days. */
export function smooth(bank: Bank): readonly Stretch[] {
  const { layout, nodes } = bank;
  const weightsByEra = eraWeights(nodes);
  const used = bank.walkVariances.map((_, which) =>
    [...weightsByEra.values()].some((weights) => weights[which]! > 0),
  );
  const smoothed = used.map((needed, which) => (needed ? smoothOne(bank, which) : []));
  const endOf = ({ mean, cov }: { mean: Float64Array; cov: Float64Array }): StretchEnd => ({
    level: mean[0]!,
    gain: layout.levels > 1 ? mean[1]! : 0,
    variance: levelVariance(cov, layout),
    standards: standardsShare(cov, layout),
  });
  return nodes.slice(1).flatMap((node, at): Stretch[] => {
    const before = nodes[at]!;
    if (!(node.ways[0]!.days > 0)) return [];
    const all = weightsByEra.get(before.era)!;
    const which = all.flatMap((weight, one) => (weight > 0 ? [one] : []));
    const weights = which.map((one) => all[one]!);
    const ends = which.map((one) => ({
      start: smoothed[one]![at]!,
      end: smoothed[one]![at + 1]!,
      added: node.ways[one]!.added,
    }));
    const { size } = layout;
    const start = mixed(
      ends.map((one) => one.start),
      weights,
      size,
    );
    const end = mixed(
      ends.map((one) => one.end),
      weights,
      size,
    );
    const added = (level: number) =>
      ends.reduce((sum, one, at2) => sum + weights[at2]! * (one.added[level] ?? 0), 0);
    return [
      {
        fromMs: before.atMs,
        toMs: node.atMs,
        era: before.era,
        start: endOf(start),
        end: endOf(end),
        cross: crossOf(layout, ends, { weights, start: start.mean, end: end.mean }),
        added: [added(0), added(1)],
      },
    ];
  });
}

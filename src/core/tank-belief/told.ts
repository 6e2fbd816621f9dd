import type { Prior } from './constants';
import type { Nodes } from './nodes';
import type { Belief } from './belief';

/** What is believed of one thing: weighted mean and 95 %. */
export interface Believed {
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}

/** The weight of each value on one axis of the grid, values rising. */
function marginalOf(nodes: Nodes, column: Float64Array) {
  const weights = new Map<number, number>();
  for (let node = 0; node < nodes.count; node += 1)
    weights.set(column[node]!, (weights.get(column[node]!) ?? 0) + nodes.weight[node]!);
  return [...weights].sort((a, b) => a[0] - b[0]);
}

/**
 * A quantile along one axis. Each node stands for the interval half way to its neighbours;
 * interpolated in between.
 */
function quantileOf(marginal: readonly (readonly [number, number])[], share: number): number {
  let below = 0;
  for (let at = 0; at < marginal.length; at += 1) {
    const [value, weight] = marginal[at]!;
    if (below + weight < share) {
      below += weight;
      continue;
    }
    const before = marginal[at - 1]?.[0] ?? value;
    const after = marginal[at + 1]?.[0] ?? value;
    const [from, to] = [(before + value) / 2, (value + after) / 2];
    return from + ((share - below) / weight) * (to - from);
  }
  return marginal.at(-1)![0];
}

/** An axis as it is believed, through a monotone function. */
function axis(nodes: Nodes, column: Float64Array, of: (value: number) => number): Believed {
  const marginal = marginalOf(nodes, column);
  return {
    mean: nodes.mean((node) => of(column[node]!)),
    low: of(quantileOf(marginal, 0.025)),
    high: of(quantileOf(marginal, 0.975)),
  };
}

/** The alkalinity a fresh fill came with, mol/L; undefined for a feed in use. */
export function alkalinityOf({ nodes, session }: Belief): Believed | undefined {
  const { told } = session;
  if (told.kind !== 'fresh') return undefined;
  return axis(nodes, nodes.alkalinity, (log) => told.water.alkalinityMolPerL * Math.exp(log));
}

/** The factor on what a feed's recipe says; undefined in water that was never fed. */
export function factorOf({ nodes, unfed }: Belief): Believed | undefined {
  return unfed ? undefined : axis(nodes, nodes.factor, (factor) => factor);
}

/** The strength of a product nobody knew, eq/L; undefined where all are known. */
export function strengthOf({ nodes, unknownId }: Belief): Believed | undefined {
  return unknownId === undefined ? undefined : axis(nodes, nodes.strength, (eq) => eq);
}

/** Median and spread (log) of a column that is positive. */
export function priorFrom(nodes: Nodes, column: Float64Array): Prior {
  const mean = nodes.mean((node) => Math.log(column[node]!));
  const variance = nodes.mean((node) => (Math.log(column[node]!) - mean) ** 2);
  return { median: Math.exp(mean), sigma: Math.sqrt(variance) };
}

import {
  AIRING,
  GRID,
  GRID_BESIDE_FEED,
  GRID_BESIDE_STRENGTH,
  LEAST_WEIGHT,
  STRENGTH_AXIS,
  type Prior,
} from './constants';

/** An axis of the grid: values and their weights before anything is seen. */
interface Axis {
  readonly values: readonly number[];
  readonly weights: readonly number[];
}

/** One value and nothing else. */
const only = (value: number): Axis => ({ values: [value], weights: [1] });

/** Evenly spaced values of a normal. */
function normalAxis(
  mean: number,
  sigma: number,
  { count, reach }: { readonly count: number; readonly reach: number },
): Axis {
  if (!(sigma > 0)) return only(mean);
  const steps = Array.from({ length: count }, (_, at) => reach * ((2 * at) / (count - 1) - 1));
  const raw = steps.map((z) => Math.exp(-0.5 * z ** 2));
  const sum = raw.reduce((total, weight) => total + weight, 0);
  return {
    values: steps.map((z) => mean + sigma * z),
    weights: raw.map((weight) => weight / sum),
  };
}

/** What is unsure of a tank before its first reading, each a normal. */
export interface Unsure {
  /** Error of the alkalinity (or of the carbon dioxide), log. */
  readonly alkalinitySigma: number;
  /** The feed's factor; absent in water that was never fed. */
  readonly feed?: Prior | undefined;
  /** The pen's offset (standard), pH. */
  readonly penStdU: number;
  /** Strength of a product nobody knows: equivalents per litre, median and spread (log). */
  readonly strength?: Prior | undefined;
}

const COLUMNS = [
  'weight',
  'alkalinity',
  'factor',
  'offset',
  'strength',
  'airing',
  'charge',
  'carbon',
  'chargeVariance',
  'shared',
  'carbonVariance',
  'ph',
  'phBefore',
] as const;
type Column = (typeof COLUMNS)[number];

/**
 * A grid of whole tanks, each with its weight. By node: error of the alkalinity (log), factor of the
 * feed, the pen's offset (pH), strength (eq/L), how fast carbon dioxide
 * leaves (per hour), strong charge and carbon (mol/L) with their variances
 * and covariance, the pH it stands at and the one it had when it was last read.
 */
export class Nodes implements Readonly<Record<Column, Float64Array>> {
  weight!: Float64Array;
  alkalinity!: Float64Array;
  factor!: Float64Array;
  offset!: Float64Array;
  strength!: Float64Array;
  airing!: Float64Array;
  charge!: Float64Array;
  carbon!: Float64Array;
  chargeVariance!: Float64Array;
  shared!: Float64Array;
  carbonVariance!: Float64Array;
  ph!: Float64Array;
  phBefore!: Float64Array;

  constructor(public count: number) {
    for (const name of COLUMNS) this[name] = new Float64Array(count);
  }

  /** A sum over the nodes, each by its weight. */
  mean(of: (node: number) => number): number {
    let sum = 0;
    for (let node = 0; node < this.count; node += 1) sum += this.weight[node]! * of(node);
    return sum;
  }

  /** A copy that is free to change. */
  copy(): Nodes {
    const copy = new Nodes(0);
    copy.count = this.count;
    for (const name of COLUMNS) copy[name] = this[name].slice(0, this.count);
    return copy;
  }

  /**
   * Brings the weights to a sum of one, and drops nodes that hardly weigh. Returns the sum as it was;
   * 0 where nothing is left possible.
   */
  settle(): number {
    let sum = 0;
    for (let node = 0; node < this.count; node += 1) sum += this.weight[node]!;
    if (!(sum > 0)) return 0;
    let [kept, keptSum] = [0, 0];
    for (let node = 0; node < this.count; node += 1) {
      if (this.weight[node]! < LEAST_WEIGHT * sum) continue;
      if (kept !== node) for (const name of COLUMNS) this[name][kept] = this[name][node]!;
      keptSum += this.weight[kept]!;
      kept += 1;
    }
    this.count = kept;
    for (let node = 0; node < kept; node += 1) this.weight[node]! /= keptSum;
    return sum;
  }
}

/** The grid over what is unsure; charge and carbon are still to be filled in. */
export function gridOf({ alkalinitySigma, feed, penStdU, strength }: Unsure): Nodes {
  const grid = strength ? GRID_BESIDE_STRENGTH : feed ? GRID_BESIDE_FEED : GRID;
  const alkalinities = normalAxis(0, alkalinitySigma, grid.alkalinity);
  const factors = feed ? normalAxis(Math.log(feed.median), feed.sigma, grid.feed) : only(-Infinity);
  const strengths = strength
    ? normalAxis(Math.log(strength.median), strength.sigma, STRENGTH_AXIS)
    : only(0);
  const offsets = normalAxis(0, penStdU, grid.pen);
  const airings = normalAxis(Math.log(AIRING.perHour), AIRING.sigma, grid.airing);
  const axes = [alkalinities, factors, offsets, strengths, airings];
  const nodes = new Nodes(axes.reduce((count, { values }) => count * values.length, 1));
  const place = axes.map(() => 0);
  const value = (axis: number) => axes[axis]!.values[place[axis]!]!;
  for (let node = 0; node < nodes.count; node += 1) {
    nodes.alkalinity[node] = value(0);
    nodes.factor[node] = Math.exp(value(1));
    nodes.offset[node] = value(2);
    nodes.strength[node] = Math.exp(value(3));
    nodes.airing[node] = Math.exp(value(4));
    nodes.weight[node] = axes.reduce((all, { weights }, axis) => all * weights[place[axis]!]!, 1);
    for (let axis = axes.length - 1; axis >= 0; axis -= 1) {
      place[axis]! += 1;
      if (place[axis]! < axes[axis]!.values.length) break;
      place[axis] = 0;
    }
  }
  nodes.settle();
  return nodes;
}

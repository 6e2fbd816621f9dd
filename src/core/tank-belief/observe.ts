import { MOST_SIGMAS, MOVEMENT_REL, READING_REPEAT_STD_U_PH, WIDE } from './constants';
import type { Mixture } from './mixture';
import type { Nodes } from './nodes';
import { columnAt, type ChargeTable } from './table';

/**
 * How a reading enters: its variance, and whether the pen's offset is already a variable of the
 * nodes.
 */
export interface Reader {
  /** pH². */
  readonly variance: number;
  readonly withOffset: boolean;
}

/** Variance of a hurried reading's repeat and digit, pH². */
export const repeatVarianceOf = (digitPh: number) =>
  READING_REPEAT_STD_U_PH ** 2 + digitPh ** 2 / 12;

/** Standard uncertainty of the pen's offset, on top of the variance above, pH. */
export const offsetStdU = (stdU: number, digitPh: number) =>
  Math.sqrt(Math.max(0, stdU ** 2 - repeatVarianceOf(digitPh)));

/** What each node expects to be read. */
export function expectedOf(nodes: Nodes, table: ChargeTable, reader: Reader): Mixture {
  const { count } = nodes;
  const mean = new Float64Array(count);
  const stdU = new Float64Array(count);
  for (let node = 0; node < count; node += 1) {
    const ph = nodes.ph[node]!;
    const slope = table.slopeOf(ph, nodes.carbon[node]!, nodes.factor[node]!);
    const perCarbon = columnAt(table.carbon, ph);
    const own =
      nodes.chargeVariance[node]! -
      2 * perCarbon * nodes.shared[node]! +
      perCarbon ** 2 * nodes.carbonVariance[node]!;
    const moved = MOVEMENT_REL * (ph - nodes.phBefore[node]!);
    mean[node] = ph + (reader.withOffset ? nodes.offset[node]! : 0);
    stdU[node] = Math.sqrt(Math.max(0, own) / slope ** 2 + reader.variance + moved ** 2);
  }
  return { count, weight: nodes.weight.subarray(0, count), mean, stdU };
}

const normalDensity = (away: number, variance: number) =>
  Math.exp((-0.5 * away ** 2) / variance) / Math.sqrt(2 * Math.PI * variance);

/**
 * Updates every node with a reading: its weight by the likelihood of the reading, its charge and carbon
 * by a Kalman step. The step is damped by the probability that the reading is an outlier. Returns the
 * log likelihood of the reading over all nodes.
 */
export function observe(
  nodes: Nodes,
  table: ChargeTable,
  { ph, reader }: { readonly ph: number; readonly reader: Reader },
): number {
  const expected = expectedOf(nodes, table, reader);
  for (let node = 0; node < nodes.count; node += 1) {
    const variance = expected.stdU[node]! ** 2;
    const surprise = ph - expected.mean[node]!;
    const usual = (1 - WIDE.share) * normalDensity(surprise, variance);
    const wide = WIDE.share * normalDensity(surprise, variance + WIDE.variance);
    nodes.weight[node]! *= usual + wide;
    const believed = usual / (usual + wide || 1);
    correct(nodes, table, { node, variance, surprise, believed });
  }
  const likelihood = nodes.settle();
  for (let node = 0; node < nodes.count; node += 1) {
    nodes.ph[node] = table.phOf(nodes.charge[node]!, nodes.carbon[node]!, nodes.factor[node]!);
    nodes.phBefore[node] = nodes.ph[node]!;
  }
  return Math.log(likelihood);
}

interface Correction {
  readonly node: number;
  readonly variance: number;
  readonly surprise: number;
  readonly believed: number;
}

/** The Kalman step of one node. */
function correct(nodes: Nodes, table: ChargeTable, step: Correction): void {
  const { node, variance, surprise, believed } = step;
  const ph = nodes.ph[node]!;
  const slope = table.slopeOf(ph, nodes.carbon[node]!, nodes.factor[node]!);
  const perCarbon = columnAt(table.carbon, ph);
  const [vz, shared, vc] = [
    nodes.chargeVariance[node]!,
    nodes.shared[node]!,
    nodes.carbonVariance[node]!,
  ];
  // Linearised: a change of charge dZ and of carbon dC changes the pH by (dZ − α·dC)/Q′.
  const withCharge = (vz - perCarbon * shared) / slope;
  const withCarbon = (shared - perCarbon * vc) / slope;
  const most = MOST_SIGMAS * Math.sqrt(variance);
  const step1 = (believed * Math.min(Math.max(surprise, -most), most)) / variance;
  nodes.charge[node]! += withCharge * step1;
  nodes.carbon[node] = Math.max(1e-9, nodes.carbon[node]! + withCarbon * step1);
  const known = believed / variance;
  nodes.chargeVariance[node] = Math.max(0, vz - known * withCharge ** 2);
  nodes.shared[node] = shared - known * withCharge * withCarbon;
  nodes.carbonVariance[node] = Math.max(0, vc - known * withCarbon ** 2);
}

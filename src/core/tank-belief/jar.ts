import { REAGENTS, type AcidName } from '../chemistry';
import { READING_REPEAT_STD_U_PH } from './constants';
import type { JarRead } from './events';
import type { Nodes } from './nodes';
import type { Reader } from './observe';
import { ChargeTable, type Composition } from './table';

/** Dropper, dilution and litre together, common to all doses of a test (standard, share). */
const JAR_COMMON_REL = 0.08;

/** Three values that carry a normal's mean, spread and fourth moment (Gauss and Hermite). */
const COMMON = [
  { share: 1 - Math.sqrt(3) * JAR_COMMON_REL, weight: 1 / 6 },
  { share: 1, weight: 4 / 6 },
  { share: 1 + Math.sqrt(3) * JAR_COMMON_REL, weight: 1 / 6 },
];

/** A sample is read a little worse than the tank, and its carbon dioxide leaves while one stirs. */
const SAMPLE_STD_U_PH = 2 * READING_REPEAT_STD_U_PH;

interface JarInput {
  readonly jar: JarRead;
  readonly table: ChargeTable;
  readonly composition: Composition;
  readonly reader: Reader;
  /** Moles in a litre of the product, by node; 1 where the doses are moles already. */
  readonly strength: (node: number) => number;
}

/**
 * Weighs nodes by a jar test: doses into a small tank with one common error. Returns its log
 * likelihood.
 */
export function weighByJar(nodes: Nodes, input: JarInput): number {
  const { jar, composition, reader, strength } = input;
  const { strongIonDifference, carbon, adds } = REAGENTS[jar.reagent];
  const factor = nodes.mean((node) => nodes.factor[node]!);
  const carbonMolPerL = nodes.mean((node) => nodes.carbon[node]!);
  const sums = COMMON.map(() => new Float64Array(nodes.count));
  const variance = reader.variance + SAMPLE_STD_U_PH ** 2;
  const middle = nodes.mean(strength);
  for (const { perL, ph } of jar.points) {
    const booked: Partial<Record<AcidName, number>> = { ...composition.booked };
    for (const [name, each] of Object.entries(adds) as [AcidName, number][])
      booked[name] = (booked[name] ?? 0) + each * perL * middle;
    const table = new ChargeTable({ ...composition, booked }, { factor, carbonMolPerL });
    COMMON.forEach(({ share }, which) => {
      for (let node = 0; node < nodes.count; node += 1) {
        const mol = share * perL * strength(node);
        const charge = nodes.charge[node]! + strongIonDifference * mol;
        const stands = table.phOf(charge, nodes.carbon[node]! + carbon * mol, nodes.factor[node]!);
        const expected = stands + (reader.withOffset ? nodes.offset[node]! : 0);
        sums[which]![node]! += (-0.5 * (ph - expected) ** 2) / variance;
      }
    });
  }
  for (let node = 0; node < nodes.count; node += 1) {
    let likelihood = 0;
    COMMON.forEach(({ weight }, which) => {
      likelihood += weight * Math.exp(Math.max(sums[which]![node]!, -60));
    });
    nodes.weight[node]! *= likelihood;
  }
  return Math.log(nodes.settle());
}

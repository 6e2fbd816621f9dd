import { HOUR_MS } from '../units';
import type { Conditions } from '../chemistry';
import { AIRING, AIRS_ABOVE_TIMES } from './constants';
import type { Nodes } from './nodes';
import type { ChargeTable } from './table';
import { columnAt } from './table';

/** Carbon dioxide that the air keeps dissolved, mol/L. */
export const keptByAir = ({ henryCo2 }: Conditions, co2Uatm: number) => henryCo2 * co2Uatm * 1e-6;

/** Lets carbon dioxide beyond twice that of the air leave, in one step from where each node stands. */
export function letAir(
  nodes: Nodes,
  table: ChargeTable,
  { ms, keptMolPerL }: { readonly ms: number; readonly keptMolPerL: number },
): void {
  if (!(ms > 0)) return;
  const hours = ms / HOUR_MS;
  const kept = AIRS_ABOVE_TIMES * keptMolPerL;
  for (let node = 0; node < nodes.count; node += 1) {
    const dioxide = nodes.carbon[node]! * columnAt(table.dioxide, nodes.ph[node]!);
    const excess = dioxide - kept;
    if (excess <= 0) continue;
    const lost = excess * (1 - Math.exp(-nodes.airing[node]! * hours));
    nodes.carbon[node]! -= lost;
    nodes.carbonVariance[node]! += (AIRING.unsureRel * lost) ** 2;
    nodes.ph[node] = table.phOf(nodes.charge[node]!, nodes.carbon[node]!, nodes.factor[node]!);
  }
}

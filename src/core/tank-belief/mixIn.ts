import { FILLED_CARBON_SHARE, USUAL_SOURCE_PH } from './constants';
import type { WaterPoured } from './events';
import type { Nodes } from './nodes';
import { columnAt, type ChargeTable } from './table';

/** Water poured in: charge and carbon mix by volume with those of its source. */
export function mixIn(
  nodes: Nodes,
  table: ChargeTable,
  { share, water }: Pick<WaterPoured, 'share' | 'water'>,
): void {
  const left = 1 - share;
  const perCarbon = columnAt(table.carbon, water.ph ?? USUAL_SOURCE_PH);
  const carbon = (FILLED_CARBON_SHARE * water.alkalinityMolPerL) / perCarbon;
  for (let node = 0; node < nodes.count; node += 1) {
    nodes.charge[node] = left * nodes.charge[node]! + share * water.alkalinityMolPerL;
    nodes.carbon[node] = left * nodes.carbon[node]! + share * carbon;
    nodes.chargeVariance[node]! *= left ** 2;
    nodes.shared[node]! *= left ** 2;
    nodes.carbonVariance[node]! *= left ** 2;
  }
}

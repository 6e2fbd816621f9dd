import {
  FED_CHARGE_MOL_PER_L_PER_MS,
  FED_PHOSPHATE_REL,
  FILLED_CARBON_SHARE,
  USUAL_SOURCE_PH,
} from './constants';
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

/** Adds feed. Its strong ions balance its phosphate and ammonium; how far they do not is uncertain. */
export function feedIn(
  nodes: Nodes,
  feed: { readonly phosphate: number; readonly ammonium: number; readonly ecMsPerCm: number },
): void {
  const chargeStdU = FED_CHARGE_MOL_PER_L_PER_MS * feed.ecMsPerCm;
  for (let node = 0; node < nodes.count; node += 1) {
    const factor = nodes.factor[node]!;
    nodes.charge[node]! += factor * (feed.phosphate - feed.ammonium);
    nodes.chargeVariance[node]! +=
      chargeStdU ** 2 + (FED_PHOSPHATE_REL * factor * feed.phosphate) ** 2;
  }
}

/**
 * Weighs the nodes by a new report of the alkalinity: `off` is ln(new / first told), `sigma` its
 * standard deviation.
 */
export function weighByReport(
  nodes: Nodes,
  { off, sigma }: { readonly off: number; readonly sigma: number },
): void {
  for (let node = 0; node < nodes.count; node += 1)
    nodes.weight[node]! *= Math.exp(-0.5 * ((nodes.alkalinity[node]! - off) / sigma) ** 2);
  nodes.settle();
}

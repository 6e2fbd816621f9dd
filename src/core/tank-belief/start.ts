import {
  FED_CARBON_STD_U,
  FED_CHARGE_MOL_PER_L_PER_MS,
  FED_PHOSPHATE_REL,
  FILLED_CARBON_SHARE,
  IN_USE_CO2_TIMES,
  USUAL_SOURCE_PH,
} from './constants';
import type { ReadingSeen, Told } from './events';
import type { Nodes } from './nodes';
import { columnAt, type ChargeTable } from './table';

/** What a session begins from. */
export interface Beginning {
  readonly nodes: Nodes;
  readonly table: ChargeTable;
  readonly told: Told;
  readonly reading: ReadingSeen;
  /** Variance of the reading's own repeat, pH². */
  readonly repeatVariance: number;
  /** Feed as its recipe has it, mol/L. */
  readonly feed: { readonly phosphate: number; readonly ammonium: number };
  /** Strong charge booked before the first reading, mol/L, and its variance. */
  readonly booked: { readonly chargeMolPerL: number; readonly variance: number };
  readonly keptMolPerL: number;
}

/** Charge of carbon and slope of the whole where a node stands. */
function here({ nodes, table }: Beginning, node: number, carbon: number) {
  const ph = nodes.ph[node]!;
  return {
    perCarbon: columnAt(table.carbon, ph),
    slope: table.slopeOf(ph, carbon, nodes.factor[node]!),
  };
}

/** Fresh water alone: its alkalinity is its charge, its carbon what the pH asks for. */
function freshUnfed(beginning: Beginning, alkalinityMolPerL: number): number {
  const { nodes, table, booked, repeatVariance } = beginning;
  for (let node = 0; node < nodes.count; node += 1) {
    const ph = nodes.ph[node]!;
    const charge = alkalinityMolPerL * Math.exp(nodes.alkalinity[node]!) + booked.chargeMolPerL;
    const perCarbon = columnAt(table.carbon, ph);
    const carbon = (charge - table.chargeOf(ph, 0, nodes.factor[node]!)) / perCarbon;
    // No water holds less than no carbon: this node cannot be.
    if (!(carbon > 0)) nodes.weight[node] = 0;
    const { slope } = here(beginning, node, Math.max(carbon, 0));
    nodes.charge[node] = charge;
    nodes.carbon[node] = carbon;
    nodes.chargeVariance[node] = booked.variance;
    nodes.shared[node] = booked.variance / perCarbon;
    nodes.carbonVariance[node] = (slope ** 2 * repeatVariance + booked.variance) / perCarbon ** 2;
  }
  return 0;
}

/** Fresh water with its feed: carbon from what was filled in, and from what the charge asks for. */
function freshFed(beginning: Beginning, told: Extract<Told, { kind: 'fresh' }>): number {
  const { nodes, table, booked, repeatVariance, feed } = beginning;
  const { water, feedMsPerCm } = told;
  const sourcePerCarbon = columnAt(table.carbon, water.ph ?? USUAL_SOURCE_PH);
  const chargeStdU = FED_CHARGE_MOL_PER_L_PER_MS * feedMsPerCm;
  let fits = 0;
  for (let node = 0; node < nodes.count; node += 1) {
    const [ph, factor] = [nodes.ph[node]!, nodes.factor[node]!];
    const perCarbon = columnAt(table.carbon, ph);
    const alkalinity = water.alkalinityMolPerL * Math.exp(nodes.alkalinity[node]!);
    const filled = (FILLED_CARBON_SHARE * alkalinity) / sourcePerCarbon;
    const filledStdU = FED_CARBON_STD_U.rel * filled + FED_CARBON_STD_U.molPerL;
    const charge = alkalinity + factor * (feed.phosphate - feed.ammonium) + booked.chargeMolPerL;
    const asked = (charge - table.chargeOf(ph, 0, factor)) / perCarbon;
    const phosphateStdU = FED_PHOSPHATE_REL * factor * feed.phosphate;
    const askedVariance = (chargeStdU ** 2 + phosphateStdU ** 2 + booked.variance) / perCarbon ** 2;
    const both = filledStdU ** 2 + askedVariance;
    const misfit = Math.exp((-0.5 * (filled - asked) ** 2) / both);
    fits += nodes.weight[node]! * misfit;
    const carbonVariance = (filledStdU ** 2 * askedVariance) / both;
    const carbon = Math.max(
      carbonVariance * (filled / filledStdU ** 2 + asked / askedVariance),
      FED_CARBON_STD_U.molPerL,
    );
    const { slope } = here(beginning, node, carbon);
    // How likely this pH was: the misfit is a density of carbon, the slope makes it one of pH.
    nodes.weight[node]! *= (misfit / Math.sqrt(both)) * (slope / perCarbon);
    nodes.charge[node] = table.chargeOf(ph, carbon, factor);
    nodes.carbon[node] = carbon;
    nodes.carbonVariance[node] = carbonVariance;
    nodes.shared[node] = perCarbon * carbonVariance;
    nodes.chargeVariance[node] = perCarbon ** 2 * carbonVariance + slope ** 2 * repeatVariance;
  }
  return Math.log(fits);
}

/** A feed in use: its carbon from its carbon dioxide, its charge from its pH. */
function inUse(beginning: Beginning): number {
  const { nodes, table, repeatVariance, keptMolPerL } = beginning;
  for (let node = 0; node < nodes.count; node += 1) {
    const [ph, factor] = [nodes.ph[node]!, nodes.factor[node]!];
    const dioxide = IN_USE_CO2_TIMES * keptMolPerL * Math.exp(nodes.alkalinity[node]!);
    const carbon = dioxide / columnAt(table.dioxide, ph);
    const { slope } = here(beginning, node, carbon);
    nodes.carbon[node] = carbon;
    nodes.charge[node] = table.chargeOf(ph, carbon, factor);
    nodes.chargeVariance[node] = slope ** 2 * repeatVariance;
  }
  return 0;
}

/**
 * Fills a grid with charge and carbon from the first reading. Returns how well the telling fits it
 * (log; 0: as well as can be).
 */
export function begin(beginning: Beginning): number {
  const { nodes, told, reading } = beginning;
  for (let node = 0; node < nodes.count; node += 1) {
    const ph = reading.ph - nodes.offset[node]!;
    nodes.ph[node] = ph;
    nodes.phBefore[node] = ph;
  }
  if (told.kind === 'inUse') return inUse(beginning);
  return told.feedMsPerCm > 0
    ? freshFed(beginning, told)
    : freshUnfed(beginning, told.water.alkalinityMolPerL);
}

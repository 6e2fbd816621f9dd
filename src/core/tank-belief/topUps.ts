import { AIRS_ABOVE_TIMES } from './constants';
import type { Belief } from './belief';
import type { SourceWater } from './events';
import type { Mixture } from './mixture';
import { meanIn, quantileIn } from './mixture';
import type { Believed } from './told';
import { columnAt } from './table';

/** What top-ups of some days bring, where plants drink what is topped up. */
export interface TopUps {
  /** Water poured a day as a share of the tank. */
  readonly perDayRel: number;
  readonly days: number;
  readonly water: SourceWater;
}

/** Where a tank stands with its carbon dioxide at rest, and where top-ups alone take it. */
export interface Watered {
  readonly fromPh: number;
  readonly toPh: Believed;
  /** Alkalinity the water brings, mol for each litre of the tank. */
  readonly broughtMolPerL: number;
}

/** A pH found by solving is as sure as the charge behind it: never less than this, pH. */
const LEAST_STD_U_PH = 0.01;

/**
 * What the water of daily top-ups does to a tank's pH. What evaporates and what plants drink leaves
 * as pure water and its salts stay, so the strong charge of the tank grows by the alkalinity of all
 * that is poured; carbon dioxide rests where each node has it, at most at twice the air's. What plants
 * take up is left out: it is not the water's doing.
 */
export function afterTopUps(belief: Belief, { perDayRel, days, water }: TopUps): Watered {
  const { nodes, table, keptMolPerL } = belief;
  const broughtMolPerL = perDayRel * days * water.alkalinityMolPerL;
  const { count } = nodes;
  const [mean, stdU] = [new Float64Array(count), new Float64Array(count)];
  let fromPh = 0;
  for (let node = 0; node < count; node += 1) {
    const factor = nodes.factor[node]!;
    const dioxide = nodes.carbon[node]! * columnAt(table.dioxide, nodes.ph[node]!);
    const rest = { keptMolPerL: Math.min(dioxide, AIRS_ABOVE_TIMES * keptMolPerL), factor };
    fromPh += nodes.weight[node]! * table.airedPhOf(nodes.charge[node]!, rest);
    const charge = nodes.charge[node]! + broughtMolPerL;
    const unsure = Math.sqrt(nodes.chargeVariance[node]!);
    mean[node] = table.airedPhOf(charge, rest);
    stdU[node] = Math.max(LEAST_STD_U_PH, table.airedPhOf(charge + unsure, rest) - mean[node]!);
  }
  const then: Mixture = { count, weight: nodes.weight.subarray(0, count), mean, stdU };
  return {
    fromPh,
    toPh: { mean: meanIn(then), low: quantileIn(then, 0.025), high: quantileIn(then, 0.975) },
    broughtMolPerL,
  };
}

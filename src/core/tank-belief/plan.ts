import { REAGENTS, type AcidName, type Reagent } from '../chemistry';
import type { Band } from '../verdict';
import { letAir } from './air';
import {
  AIRS_ABOVE_TIMES,
  PASS_CHANCE,
  PLANNED_REL,
  POURED_REL,
  STEP_GROWS_TIMES,
  STEP_PH,
} from './constants';
import { quantileIn, type Mixture } from './mixture';
import { expectedOf, type Reader } from './observe';
import type { Belief } from './belief';
import { ChargeTable, columnAt, type Middle } from './table';

/** What holds a step small. */
export type StepLimit = 'aim' | 'farEdge' | 'stepPh' | 'grows';

/** What is to be poured into a tank: which reagent, towards what, not beyond what. */
export interface Wanted {
  readonly reagent: Reagent;
  readonly band: Band;
  readonly aimPh: number;
  /** The product is the one on the grid's strength axis: amounts are litres of it for each litre. */
  readonly ofUnknown?: boolean | undefined;
}

/** A step by one belief, in moles (or litres of an unknown product) for each litre of the tank. */
export interface Step {
  readonly perL: number;
  readonly limitedBy: StepLimit;
  /** What reaches the aim as likely as not. */
  readonly inAllPerL: number;
  readonly aimPh: number;
}

const addsOf = (reagent: Reagent, molPerL: number) =>
  Object.fromEntries(
    (Object.entries(REAGENTS[reagent].adds) as [AcidName, number][]).map(([name, each]) => [
      name,
      each * molPerL,
    ]),
  );

/** A belief looked at for one reagent. */
export interface Look {
  readonly belief: Belief;
  readonly wanted: Wanted;
  readonly table: ChargeTable;
  readonly effect: Float64Array;
}

const middleOf = ({ nodes }: Belief): Middle => ({
  factor: nodes.mean((node) => nodes.factor[node]!),
  carbonMolPerL: nodes.mean((node) => nodes.carbon[node]!),
});

/** Moles in one unit of the amounts, by node. */
function molPerUnitOf({ belief, wanted }: Pick<Look, 'belief' | 'wanted'>, node: number) {
  return wanted.ofUnknown ? belief.nodes.strength[node]! : 1;
}

/** Looks at a belief for a reagent, metals paired for what is about to be poured. */
export function lookAt(belief: Belief, wanted: Wanted, plannedPerL = 0): Look {
  const { reagent } = wanted;
  const pairs = Object.keys(REAGENTS[reagent].adds).length > 0 && plannedPerL > 0;
  const table = pairs
    ? new ChargeTable(belief.composition, {
        ...middleOf(belief),
        planned: addsOf(reagent, plannedPerL),
      })
    : belief.table;
  return { belief, wanted, table, effect: table.effectOf(reagent) };
}

/**
 * The amount at which each node reaches a pH (its own, told by `phOf`), with its spread: closed form,
 * no solver. Infinite where the reagent never leads there; this dose's airing is left out.
 */
export function reachOf(look: Look, phOf: (node: number) => number): Mixture {
  const { belief, table, effect, wanted } = look;
  const { nodes } = belief;
  const { count } = nodes;
  const mean = new Float64Array(count);
  const stdU = new Float64Array(count);
  const acid = REAGENTS[wanted.reagent].acid;
  for (let node = 0; node < count; node += 1) {
    const ph = phOf(node);
    const each = columnAt(effect, ph) * molPerUnitOf(look, node);
    if (acid ? each >= 0 : each <= 0) {
      mean[node] = Infinity;
      stdU[node] = 1;
      continue;
    }
    const perCarbon = columnAt(table.carbon, ph);
    const charge = table.chargeOf(ph, nodes.carbon[node]!, nodes.factor[node]!);
    const amount = (charge - nodes.charge[node]!) / each;
    const own =
      nodes.chargeVariance[node]! -
      2 * perCarbon * nodes.shared[node]! +
      perCarbon ** 2 * nodes.carbonVariance[node]!;
    mean[node] = amount;
    stdU[node] = Math.sqrt(Math.max(own, 0) / each ** 2 + (PLANNED_REL * amount) ** 2) || 1e-12;
  }
  return { count, weight: nodes.weight.subarray(0, count), mean, stdU };
}

/** The step by a table made for so much of the reagent. */
function stepBy(look: Look): Step {
  const { belief, wanted, effect } = look;
  const { nodes, largestReadMolPerL } = belief;
  const { band, aimPh, reagent } = wanted;
  const acid = REAGENTS[reagent].acid;
  const far = acid ? band.low : band.high;
  const inAllPerL = quantileIn(
    reachOf(look, () => aimPh),
    0.5,
  );
  const most: [StepLimit, number][] = [
    [
      'farEdge',
      quantileIn(
        reachOf(look, () => far),
        PASS_CHANCE,
      ),
    ],
    [
      'stepPh',
      quantileIn(
        reachOf(look, (node) => nodes.ph[node]! + (acid ? -STEP_PH : STEP_PH)),
        PASS_CHANCE,
      ),
    ],
  ];
  if (largestReadMolPerL > 0) {
    const each = nodes.mean((node) => Math.abs(columnAt(effect, aimPh)) * molPerUnitOf(look, node));
    most.push(['grows', (STEP_GROWS_TIMES * largestReadMolPerL) / each]);
  }
  let [perL, limitedBy]: [number, StepLimit] = [inAllPerL, 'aim'];
  for (const [name, limit] of most) {
    if (limit >= perL) continue;
    perL = limit;
    limitedBy = name;
  }
  return { perL: Math.max(0, perL), limitedBy, inAllPerL: Math.max(0, inAllPerL), aimPh };
}

/** Rounds of pairing metals for what is planned: an acid of its own takes some of them. */
const ROUNDS = 2;

/**
 * The step into a tank by one belief: the smallest of what reaches the aim as likely as not, what
 * passes the band's far edge or moves more than 0.9 pH with a chance of 1 %, and four times the
 * largest dose already read. Limits and aim are true pH; a move counts from each node's own pH.
 */
export function stepOf(belief: Belief, wanted: Wanted): Step {
  let step = stepBy(lookAt(belief, wanted));
  for (let round = 0; round < ROUNDS; round += 1) {
    if (Object.keys(REAGENTS[wanted.reagent].adds).length === 0) break;
    if (!Number.isFinite(step.perL) || step.perL <= 0) break;
    step = stepBy(lookAt(belief, wanted, step.perL));
  }
  return step;
}

/** A tank after a step, mixed and aired for some time: what is expected to be read then. */
export function afterStep(
  belief: Belief,
  wanted: Wanted,
  { perL, airedMs, reader }: { perL: number; airedMs: number; reader: Reader },
): Mixture {
  const { reagent } = wanted;
  const { strongIonDifference, carbon } = REAGENTS[reagent];
  const look = lookAt(belief, wanted);
  const nodes = belief.nodes.copy();
  const middle = nodes.mean((node) => molPerUnitOf(look, node));
  const booked = { ...belief.composition.booked } as Partial<Record<AcidName, number>>;
  for (const [name, added] of Object.entries(addsOf(reagent, perL * middle)) as [
    AcidName,
    number,
  ][])
    booked[name] = (booked[name] ?? 0) + added;
  const table = new ChargeTable({ ...belief.composition, booked }, middleOf(belief));
  for (let node = 0; node < nodes.count; node += 1) {
    const mol = perL * molPerUnitOf(look, node);
    const each = columnAt(look.effect, nodes.ph[node]!);
    nodes.charge[node]! += strongIonDifference * mol;
    nodes.carbon[node]! += carbon * mol;
    nodes.chargeVariance[node]! += (POURED_REL * each * mol) ** 2;
    nodes.phBefore[node] = nodes.ph[node]!;
    nodes.ph[node] = table.phOf(nodes.charge[node]!, nodes.carbon[node]!, nodes.factor[node]!);
  }
  letAir(nodes, table, { ms: airedMs, keptMolPerL: belief.keptMolPerL });
  return expectedOf(nodes, table, reader);
}

/**
 * Where a tank stands after a step once its carbon dioxide is at rest: that of the air in a fresh fill,
 * twice that in a feed in use, whose roots breathe. The middle of what is believed.
 */
export function airedPhAfter(belief: Belief, wanted: Wanted, perL: number): number {
  const { nodes, composition, keptMolPerL } = belief;
  const { strongIonDifference } = REAGENTS[wanted.reagent];
  const look = lookAt(belief, wanted);
  const mol = perL * nodes.mean((node) => molPerUnitOf(look, node));
  const charge = nodes.mean((node) => nodes.charge[node]!) + strongIonDifference * mol;
  const booked = { ...composition.booked } as Partial<Record<AcidName, number>>;
  for (const [name, added] of Object.entries(addsOf(wanted.reagent, mol)) as [AcidName, number][])
    booked[name] = (booked[name] ?? 0) + added;
  const { factor } = middleOf(belief);
  const table = new ChargeTable({ ...composition, booked }, middleOf(belief));
  const dioxide = nodes.mean(
    (node) => nodes.carbon[node]! * columnAt(belief.table.dioxide, nodes.ph[node]!),
  );
  const resting =
    belief.session.told.kind === 'inUse'
      ? Math.min(dioxide, AIRS_ABOVE_TIMES * keptMolPerL)
      : keptMolPerL;
  return table.airedPhOf(charge, { keptMolPerL: resting, factor });
}

/** Equivalents one unit of the amounts takes off (+) or brings (−) in protons at a pH. */
export function equivalentsOf(belief: Belief, wanted: Wanted, ph: number): number {
  return columnAt(lookAt(belief, wanted).effect, ph);
}

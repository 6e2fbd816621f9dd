import {
  REAGENTS,
  addReagent,
  equivalentsAt,
  molPerLToReach,
  solvePh,
  type Solution,
} from '../chemistry';
import { COVERAGE_FACTOR } from '../uncertainty';
import {
  CAP_FRESH_SHARE,
  CAP_FRESH_STEP_PH,
  CAP_STEP_PH,
  CAP_UNLEARNED_MEQ_PER_L,
  FIRST_STEP_KNOWN,
  FIRST_STEP_UNLEARNED,
  WEAK_FEED_BEYOND_PH,
  WEAK_FEED_STEP_PH,
} from './constants';
import type { DoseInput, DosePlan, StepLimit } from './dosePlanTypes';
import { weakestTank } from './tankModel';

/** A dose on its way to becoming a step: the tank's chemistry and what was asked. */
export interface Step {
  readonly solution: Solution;
  readonly input: DoseInput;
  readonly basis: DosePlan['basis'];
}

/** pH once a step is mixed in, closed. */
const phAfter = (solution: Solution, { product }: DoseInput, molPerL: number) =>
  solvePh(addReagent(solution, product.reagent, molPerL)).ph;

/** The weakest tanks that could stand behind the reading, at both ends of the pen's ±. */
function weakTanks({ input, solution: { at } }: Step, strongFactor?: number) {
  const reach = COVERAGE_FACTOR * input.phStdU;
  return [input.tank.ph - reach, input.tank.ph + reach].flatMap((ph) => {
    const weak = weakestTank({ ...input.tank, ph }, { strongFactor, at });
    return weak.ok ? [{ ph, solution: weak.value }] : [];
  });
}

/** pH change the chemistry alone gives for a step, closed. */
export const modelChange = (solution: Solution, input: DoseInput, molPerL: number) =>
  phAfter(solution, input, molPerL) - input.tank.ph;

/** Acid or base equivalents that a step brings where the tank stands, mol/L, without sign. */
export function chargeOf({ solution, input }: Step, molPerL: number): number {
  return Math.abs(equivalentsAt(input.product.reagent, input.tank.ph, solution)) * molPerL;
}

/** A tank's factor where it counts: fresh water follows the chemistry of its measured alkalinity. */
export const factorOf = ({ input, basis }: Step) =>
  basis === 'fresh' ? { factor: 1, high: 1.2, sigma: 0.1 } : input.factor;

/** −1 for an acid, 1 for a base. */
const directionOf = ({ product }: DoseInput) => (REAGENTS[product.reagent].acid ? -1 : 1);

/**
 * The step that brings a closed solution to a pH, mol/L: 0 where that pH lies the other way, no limit
 * where the reagent never gets there.
 */
function stepTo(solution: Solution, { product }: DoseInput, ph: number): number {
  const { reagent } = product;
  const perMol = equivalentsAt(reagent, ph, solution);
  const gives = REAGENTS[reagent].acid ? -perMol : perMol;
  return gives > 0 ? Math.max(0, molPerLToReach(solution, reagent, ph)) : Infinity;
}

/** The step that brings so much charge where the tank stands, mol/L. */
const stepOfCharge = (step: Step, molPerL: number) => molPerL / chargeOf(step, 1);

/**
 * How far the model may move for the worst that is likely to stay before the far edge, pH: with A the
 * way to that edge, k the tank's factor and r its spread, A − k·m = √((2u)² + (r·m)²) solved for m.
 */
function likelyReach(step: Step): number {
  const { tank, band, phStdU } = step.input;
  const way = directionOf(step.input) < 0 ? tank.ph - band.low : band.high - tank.ph;
  const room = way ** 2 - (COVERAGE_FACTOR * phStdU) ** 2;
  if (way <= 0 || room <= 0) return 0;
  const { factor, high } = factorOf(step);
  const spread = high - factor;
  const root = Math.sqrt((way * factor) ** 2 - (factor ** 2 - spread ** 2) * room);
  return room / (way * factor + root);
}

/** A rule that a step must keep, as the largest step that does, mol/L. */
interface Rule {
  readonly name: StepLimit;
  readonly most: number;
}

/** No more than a step of pH, by the model and in the weakest tank of its factor. */
function stepRule(step: Step): Rule {
  const { solution, input, basis } = step;
  const fresh = basis === 'fresh';
  const strongest = fresh ? 1 : Math.max(1, factorOf(step).high);
  const cap = directionOf(input) * (fresh ? CAP_FRESH_STEP_PH : CAP_STEP_PH);
  const weak = weakTanks(step, strongest).map((tank) =>
    stepTo(tank.solution, input, tank.ph + cap),
  );
  const byModel = stepTo(solution, input, input.tank.ph + cap / strongest);
  return { name: 'stepPh', most: Math.min(byModel, ...weak) };
}

/** No harm in the weakest feed that is thinkable: neither far in one step nor far past the band. */
function weakFeedRule(step: Step): Rule {
  const { input } = step;
  const { band } = input;
  const down = directionOf(input) < 0;
  const most = weakTanks(step).map(({ solution, ph }) => {
    const bound = down
      ? Math.max(ph - WEAK_FEED_STEP_PH, band.low - WEAK_FEED_BEYOND_PH)
      : Math.min(ph + WEAK_FEED_STEP_PH, band.high + WEAK_FEED_BEYOND_PH);
    return stepTo(solution, input, bound);
  });
  return { name: 'weakFeed', most: Math.min(...most) };
}

/** The rules that a step into this tank keeps. */
function rulesOf(step: Step): readonly Rule[] {
  const { input, basis, solution } = step;
  const { water, ph } = input.tank;
  const rules: Rule[] = [];
  if (water.kind === 'fresh') {
    const charge = (CAP_FRESH_SHARE * water.alkalinityMmolPerL) / 1000;
    rules.push({ name: 'freshShare', most: stepOfCharge(step, charge) });
  }
  rules.push(stepRule(step));
  if (basis === 'unlearned') {
    rules.push({ name: 'charge', most: stepOfCharge(step, CAP_UNLEARNED_MEQ_PER_L / 1000) });
    rules.push(weakFeedRule(step));
  }
  const edge = ph + directionOf(input) * likelyReach(step);
  rules.push({ name: 'farEdge', most: stepTo(solution, input, edge) });
  return rules;
}

/** The largest step that keeps every rule, and the rule that decided. */
export function firstStep(
  step: Step,
  fullMolPerL: number,
): { molPerL: number; limitedBy: StepLimit } {
  const share = step.basis === 'unlearned' ? FIRST_STEP_UNLEARNED : FIRST_STEP_KNOWN;
  let molPerL = share * fullMolPerL;
  let limitedBy: StepLimit = 'firstStep';
  for (const { name, most } of rulesOf(step)) {
    if (molPerL <= most) continue;
    molPerL = most;
    limitedBy = name;
  }
  return { molPerL, limitedBy };
}

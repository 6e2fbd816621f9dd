import { addReagent, equivalentsAt, solvePh, type Solution } from '../chemistry';
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
import { largestWithin } from './largestWithin';
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

/** Whether the worst that is likely still lies before the far edge of the band. */
function staysBeforeFarEdge(step: Step, molPerL: number): boolean {
  const { tank, band, phStdU } = step.input;
  const change = modelChange(step.solution, step.input, molPerL);
  const likely = tank.ph + factorOf(step).factor * change;
  const reach = Math.abs(factorOf(step).high - factorOf(step).factor) * Math.abs(change);
  const worst = Math.hypot(COVERAGE_FACTOR * phStdU, reach);
  return change < 0 ? likely - worst >= band.low : likely + worst <= band.high;
}

/** A rule a step must keep, once broken broken for every larger one. */
interface Rule {
  readonly name: StepLimit;
  readonly keeps: (molPerL: number) => boolean;
}

/** Fresh water: no more than a share of its measured alkalinity. */
function freshRule(step: Step, alkalinityMmolPerL: number): Rule {
  const cap = (CAP_FRESH_SHARE * alkalinityMmolPerL) / 1000;
  return { name: 'freshShare', keeps: (x) => chargeOf(step, x) <= cap };
}

/** No more than a step of pH, by the model and in the weakest tank of its factor. */
function stepRule(step: Step): Rule {
  const { solution, input, basis } = step;
  const fresh = basis === 'fresh';
  const strongest = fresh ? 1 : Math.max(1, factorOf(step).high);
  const cap = fresh ? CAP_FRESH_STEP_PH : CAP_STEP_PH;
  const weak = weakTanks(step, strongest);
  const keeps = (x: number) =>
    strongest * Math.abs(modelChange(solution, input, x)) <= cap &&
    weak.every((tank) => Math.abs(phAfter(tank.solution, input, x) - tank.ph) <= cap);
  return { name: 'stepPh', keeps };
}

/** An unlearned tank: little charge, and no harm in the weakest feed that is thinkable. */
function unlearnedRules(step: Step): readonly Rule[] {
  const { input } = step;
  const cap = CAP_UNLEARNED_MEQ_PER_L / 1000;
  const weak = weakTanks(step);
  const harmless = (x: number) =>
    weak.every(({ solution, ph }) => {
      const after = phAfter(solution, input, x);
      const beyond = after < ph ? input.band.low - after : after - input.band.high;
      return Math.abs(after - ph) <= WEAK_FEED_STEP_PH && beyond <= WEAK_FEED_BEYOND_PH;
    });
  return [
    { name: 'charge', keeps: (x) => chargeOf(step, x) <= cap },
    { name: 'weakFeed', keeps: harmless },
  ];
}

/** The largest step that keeps every rule, and the rule that decided. */
export function firstStep(
  step: Step,
  fullMolPerL: number,
): { molPerL: number; limitedBy: StepLimit } {
  const { input, basis } = step;
  const { water } = input.tank;
  const rules: readonly Rule[] = [
    ...(water.kind === 'fresh' ? [freshRule(step, water.alkalinityMmolPerL)] : []),
    stepRule(step),
    ...(basis === 'unlearned' ? unlearnedRules(step) : []),
    { name: 'farEdge', keeps: (x) => staysBeforeFarEdge(step, x) },
  ];
  const share = basis === 'unlearned' ? FIRST_STEP_UNLEARNED : FIRST_STEP_KNOWN;
  let molPerL = share * fullMolPerL;
  let limitedBy: StepLimit = 'firstStep';
  for (const { name, keeps } of rules) {
    if (keeps(molPerL)) continue;
    molPerL = largestWithin(molPerL, keeps);
    limitedBy = name;
  }
  return { molPerL, limitedBy };
}

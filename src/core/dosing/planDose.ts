import {
  REAGENTS,
  addReagent,
  airedOut,
  equivalentsAt,
  isDry,
  molPerLToReach,
  molPerUnit,
  nutrientsAdded,
  solvePh,
  type Nutrients,
  type Product,
  type Solution,
  type SolutionRefusal,
  type StrengthRefusal,
} from '../chemistry';
import { answer, refuse, type Result } from '../result';
import { COVERAGE_FACTOR } from '../uncertainty';
import { sideOfVerdict } from '../look-back';
import type { Band, Verdict } from '../verdict';
import {
  CAP_FRESH_SHARE,
  CAP_STEP_PH,
  CAP_UNLEARNED_MEQ_PER_L,
  CHASING_MINUTES,
  FIRST_STEP_KNOWN,
  FIRST_STEP_UNLEARNED,
  LEARNED_FROM_DOSES,
  LEFT_OVER_MEQ_PER_L,
  WEAK_FEED_BEYOND_PH,
  WEAK_FEED_STEP_PH,
} from './constants';
import type { TankFactor } from './learnFactor';
import { largestWithin } from './largestWithin';
import { tankModel, weakestTank, type TankFacts } from './tankModel';

/** All that decides a dose. */
export interface DoseInput {
  readonly tank: TankFacts & { readonly volumeL: number };
  readonly phStdU: number;
  readonly verdict: Verdict;
  readonly band: Band;
  readonly product: Product;
  /** What to reach; the middle of the band where absent. */
  readonly aimPh?: number | undefined;
  readonly factor: TankFactor;
  /** The last acid or base poured, with when it is mixed. */
  readonly lastDose?:
    { readonly what: 'acid' | 'base'; readonly atMs: number; readonly mixedMs: number } | undefined;
  /** Going on although acid follows base within the hour, with a note. Caps are never lifted. */
  readonly chasingAccepted?: boolean | undefined;
  readonly nowMs: number;
}

/** Why no dose is proposed. */
export type DoseRefusal =
  | SolutionRefusal
  | StrengthRefusal
  | { readonly reason: 'cannotTell' | 'tooPure' | 'inBand' }
  | { readonly reason: 'wrongWay'; readonly needs: 'acid' | 'base' }
  | { readonly reason: 'stillMixing'; readonly mixedMs: number }
  | { readonly reason: 'chasing'; readonly minutes: number; readonly waitMinutes: number };

/** What keeps a step small. */
export type StepLimit = 'firstStep' | 'charge' | 'freshShare' | 'stepPh' | 'weakFeed' | 'farEdge';

/** A dose in the product's own unit: mL, or grams of a powder. */
export interface DosePlan {
  readonly unit: 'mL' | 'g';
  /** What to pour now. */
  readonly firstAmount: number;
  /** What the aim would take in all, by the model. */
  readonly fullAmount: number;
  readonly aimPh: number;
  /** Right after mixing. */
  readonly afterPh: number;
  readonly afterStdU: number;
  /** Once fully aired. */
  readonly airedPh: number;
  /** What the chemistry alone says of the first step, before the tank's own factor, pH. */
  readonly modelChangePh: number;
  /** Acid (+) or base (−) equivalents of the first step, mmol. */
  readonly acidMmol: number;
  readonly nutrients: Nutrients;
  readonly limitedBy: StepLimit;
  readonly basis: 'fresh' | 'learned' | 'unlearned';
}

/** Reasons that stand before any chemistry. */
function refusalBefore(input: DoseInput): DoseRefusal | undefined {
  const { verdict, lastDose, nowMs, product } = input;
  if (verdict === 'tooPure') return { reason: 'tooPure' };
  if (verdict === 'cantTell') return { reason: 'cannotTell' };
  const side = sideOfVerdict(verdict);
  if (side === 'in') return { reason: 'inBand' };
  const needs = side === 'high' ? 'acid' : 'base';
  const isAcid = REAGENTS[product.reagent].acid;
  if ((needs === 'acid') !== isAcid) return { reason: 'wrongWay', needs };
  if (!lastDose) return undefined;
  if (nowMs < lastDose.mixedMs) return { reason: 'stillMixing', mixedMs: lastDose.mixedMs };
  const minutes = (nowMs - lastDose.atMs) / 60_000;
  const chasing = lastDose.what !== needs && minutes < CHASING_MINUTES;
  if (!chasing || input.chasingAccepted) return undefined;
  return { reason: 'chasing', minutes, waitMinutes: CHASING_MINUTES - minutes };
}

interface Step {
  readonly solution: Solution;
  readonly input: DoseInput;
  readonly basis: DosePlan['basis'];
}

/** pH once a step is mixed in, closed. */
const phAfter = (solution: Solution, { product }: DoseInput, molPerL: number) =>
  solvePh(addReagent(solution, product.reagent, molPerL)).ph;

/** The weakest tanks that could stand behind the reading, at both ends of the pen's ±. */
function weakTanks(input: DoseInput, strongFactor?: number) {
  const reach = COVERAGE_FACTOR * input.phStdU;
  return [input.tank.ph - reach, input.tank.ph + reach].flatMap((ph) => {
    const weak = weakestTank({ ...input.tank, ph }, strongFactor);
    return weak.ok ? [{ ph, solution: weak.value }] : [];
  });
}

/** pH change the chemistry alone gives for a step, closed. */
const modelChange = (solution: Solution, input: DoseInput, molPerL: number) =>
  phAfter(solution, input, molPerL) - input.tank.ph;

/** Acid or base equivalents that a step brings where the tank stands, mol/L, without sign. */
function chargeOf({ solution, input }: Step, molPerL: number): number {
  return Math.abs(equivalentsAt(input.product.reagent, input.tank.ph, solution)) * molPerL;
}

/** A tank's factor where it counts: fresh water follows the chemistry of its measured alkalinity. */
const factorOf = ({ input, basis }: Step) =>
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

/** The limits a step must keep, each as the largest dose it allows, mol/L. */
function limitsOf(step: Step, fullMolPerL: number): readonly [StepLimit, number][] {
  const { solution, input, basis } = step;
  const { tank } = input;
  const known = basis === 'fresh' || input.factor.used >= LEARNED_FROM_DOSES;
  const share = known ? FIRST_STEP_KNOWN : FIRST_STEP_UNLEARNED;
  const within = (keeps: (molPerL: number) => boolean) => largestWithin(fullMolPerL, keeps);
  const limits: [StepLimit, number][] = [['firstStep', share * fullMolPerL]];
  if (basis === 'fresh' && tank.water.kind === 'fresh') {
    const cap = (CAP_FRESH_SHARE * tank.water.alkalinityMmolPerL) / 1000;
    limits.push(['freshShare', within((x) => chargeOf(step, x) <= cap)]);
  } else {
    const strongest = Math.max(1, factorOf(step).high);
    const weak = weakTanks(input, strongest);
    const moves = (x: number) =>
      Math.max(
        strongest * Math.abs(modelChange(solution, input, x)),
        ...weak.map(({ solution: tankThere, ph }) => Math.abs(phAfter(tankThere, input, x) - ph)),
      );
    limits.push(['stepPh', within((x) => moves(x) <= CAP_STEP_PH)]);
  }
  if (basis === 'unlearned') {
    const cap = CAP_UNLEARNED_MEQ_PER_L / 1000;
    limits.push(['charge', within((x) => chargeOf(step, x) <= cap)]);
    const weak = weakTanks(input);
    const harmless = (x: number) =>
      weak.every(({ solution: tankThere, ph }) => {
        const after = phAfter(tankThere, input, x);
        const beyond = after < ph ? input.band.low - after : after - input.band.high;
        return Math.abs(after - ph) <= WEAK_FEED_STEP_PH && beyond <= WEAK_FEED_BEYOND_PH;
      });
    limits.push(['weakFeed', within(harmless)]);
  }
  limits.push(['farEdge', within((x) => staysBeforeFarEdge(step, x))]);
  return limits;
}

/** What to aim at in fresh water: so much acid that the left-over alkalinity remains. */
function freshFull(solution: Solution, input: DoseInput, alkalinityMmolPerL: number): number {
  const toAim = molPerLToReach(solution, input.product.reagent, aimOf(input));
  const surplus = Math.max(0, alkalinityMmolPerL - LEFT_OVER_MEQ_PER_L) / 1000;
  const perMol = Math.abs(equivalentsAt(input.product.reagent, aimOf(input), solution));
  return Math.max(toAim, surplus / perMol);
}

const aimOf = ({ aimPh, band }: DoseInput) => aimPh ?? (band.low + band.high) / 2;

/**
 * How much of a product to pour now, how much in all, and what it does: right after mixing and once
 * aired. The first step is small where little is known and never passes the band's far edge at the
 * 95 % bound; every limit that holds is kept, and the one that decides is named. Refuses where the
 * reading cannot carry a dose, none is needed, one is still mixing, or acid chases base.
 */
export function planDose(input: DoseInput): Result<DosePlan, DoseRefusal> {
  const early = refusalBefore(input);
  if (early) return refuse(early);
  const { tank, product, factor, phStdU } = input;
  const perUnit = molPerUnit(product);
  if (!perUnit.ok) return perUnit;
  const model = tankModel(tank);
  if (!model.ok) return model;
  const solution = model.value;
  const learned = factor.used >= LEARNED_FROM_DOSES;
  const fresh = tank.water.kind === 'fresh';
  const basis = fresh ? 'fresh' : learned ? 'learned' : 'unlearned';
  const step: Step = { solution, input, basis };
  const aim = aimOf(input);
  // The chemistry is asked for the change that, times the tank's own factor, reaches the aim.
  const modelAim = tank.ph + (aim - tank.ph) / (fresh ? 1 : factor.factor);
  const fullMolPerL =
    tank.water.kind === 'fresh' && REAGENTS[product.reagent].acid
      ? freshFull(solution, input, tank.water.alkalinityMmolPerL)
      : molPerLToReach(solution, product.reagent, Math.min(Math.max(modelAim, 3), 11));
  const limits = limitsOf(step, fullMolPerL);
  const [limitedBy, molPerL] = limits.reduce((least, limit) =>
    limit[1] < least[1] ? limit : least,
  );
  const after = addReagent(solution, product.reagent, molPerL);
  const modelChangePh = modelChange(solution, input, molPerL);
  const spread = factorOf(step).sigma * Math.abs(factorOf(step).factor * modelChangePh);
  const amount = (mol: number) => (mol * tank.volumeL) / perUnit.value;
  return answer({
    unit: isDry(product) ? 'g' : 'mL',
    firstAmount: amount(molPerL),
    fullAmount: amount(fullMolPerL),
    aimPh: aim,
    afterPh: tank.ph + factorOf(step).factor * modelChangePh,
    afterStdU: Math.hypot(phStdU, spread),
    airedPh: solvePh(airedOut(after, tank.co2Uatm)).ph,
    modelChangePh,
    acidMmol:
      (REAGENTS[product.reagent].acid ? 1000 : -1000) * chargeOf(step, molPerL) * tank.volumeL,
    nutrients: nutrientsAdded(product.reagent, molPerL),
    limitedBy,
    basis,
  });
}

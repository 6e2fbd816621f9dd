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
  type Solution,
} from '../chemistry';
import { answer, refuse, type Result } from '../result';
import { COVERAGE_FACTOR } from '../uncertainty';
import { acidWanted } from './acidWanted';
import { LEARNED_FROM_DOSES } from './constants';
import type { DoseInput, DosePlan, DoseRefusal } from './dosePlanTypes';
import { refusalBefore } from './refusalBefore';
import { chargeOf, factorOf, firstStep, modelChange, type Step } from './stepRules';
import { believableFresh, tankModel } from './tankModel';

/** What fresh water takes of an acid, mol/L. */
function freshFull(solution: Solution, input: DoseInput): number {
  const perMol = Math.abs(equivalentsAt(input.product.reagent, aimOf(input), solution));
  return acidWanted(solution, input.tank.water, aimOf(input)) / perMol;
}

const aimOf = ({ aimPh, band }: DoseInput) => aimPh ?? (band.low + band.high) / 2;

/** The same, planned as a feed in use that nobody fed: what its books say of it cannot be. */
const asInUse = (input: DoseInput): DoseInput => ({
  ...input,
  tank: { ...input.tank, water: { kind: 'inUse', unfed: true } },
});

/**
 * How much of a product to pour now, how much in all, and what it does: right after mixing and once
 * aired. The first step is small where little is known and never passes the band's far edge at the
 * 95 % bound; every limit that holds is kept, and the one that decides is named. Refuses where the
 * reading cannot carry a dose, none is needed, one is still mixing, or acid chases base.
 */
export function planDose(asked: DoseInput): Result<DosePlan, DoseRefusal> {
  const early = refusalBefore({ ...asked, reagent: asked.product.reagent });
  if (early) return refuse(early);
  const believed = believableFresh(asked.tank, COVERAGE_FACTOR * asked.phStdU);
  const input = believed ? asked : asInUse(asked);
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
      ? freshFull(solution, input)
      : molPerLToReach(solution, product.reagent, Math.min(Math.max(modelAim, 3), 11));
  const { molPerL, limitedBy } = firstStep(step, fullMolPerL);
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
    booksDoubted: !believed,
  });
}

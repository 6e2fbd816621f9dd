import type { DoseAnswer } from '@/book/answers';
import {
  isDry,
  molPerLToReach,
  molPerUnit,
  REAGENTS,
  titrationCurve,
  type Product,
} from '@/core/chemistry';
import {
  learnFactor,
  planDose,
  preDilutionL,
  tankModel,
  USUAL_EC_MS_PER_CM,
  USUAL_TEMP_C,
  type DosePlan,
  type DoseRefusal,
} from '@/core/dosing';
import type { Result } from '@/core/result';
import type { Addition } from '@/records/kinds';
import type { CurveSpec } from './DoseCurve';
import { mixedAt } from './mixedAt';

/** What the grower chose. */
export interface DoseChoice {
  readonly product: Product;
  readonly aimPh?: number | undefined;
  readonly chasingAccepted: boolean;
  /** Something was poured that nobody booked: planned as a tank nobody knows. */
  readonly unbooked?: boolean | undefined;
  readonly nowMs: number;
}

const CURVE_POINTS = 41;

/** What is known of the tank for the chemistry. */
export function factsOf({ tank, reading, water }: DoseAnswer, unbooked = false) {
  return {
    ph: reading?.ph?.judged.value ?? 7,
    ecMsPerCm: reading?.ec?.judged?.value ?? USUAL_EC_MS_PER_CM,
    tempC: reading?.tempC ?? USUAL_TEMP_C,
    volumeL: reading?.volumeL ?? tank.body.volumeL,
    water: unbooked ? ({ kind: 'inUse', unfed: true } as const) : water,
  };
}

/** What was learned; nothing of it counts where the water is not what the book says. */
const factorOf = ({ factor }: DoseAnswer, { unbooked, nowMs }: DoseChoice) =>
  unbooked ? nothingLearned(nowMs) : factor;

/** The plan for what was chosen. */
export function doseFor(answer: DoseAnswer, choice: DoseChoice): Result<DosePlan, DoseRefusal> {
  const judged = answer.reading?.ph?.judged;
  if (!judged) return { ok: false, refusal: { reason: 'cannotTell' } };
  return planDose({
    tank: factsOf(answer, choice.unbooked),
    phStdU: judged.budget.stdU,
    verdict: judged.verdict,
    band: answer.tank.body.phBand,
    product: choice.product,
    aimPh: choice.aimPh,
    factor: factorOf(answer, choice),
    lastDose: answer.lastDose,
    chasingAccepted: choice.chasingAccepted,
    nowMs: choice.nowMs,
  });
}

/** pH against dose for the drawing, to half as much again as the aim takes. */
export function curveFor(
  answer: DoseAnswer,
  choice: DoseChoice,
  plan: DosePlan,
): CurveSpec | undefined {
  const { product } = choice;
  const facts = factsOf(answer, choice.unbooked);
  const model = tankModel(facts);
  const perUnit = molPerUnit(product);
  const judged = answer.reading?.ph?.judged;
  if (!model.ok || !perUnit.ok || !judged) return undefined;
  const fresh = facts.water.kind === 'fresh';
  const { factor, sigma } = fresh ? { factor: 1, sigma: 0.1 } : factorOf(answer, choice);
  const amounts = Array.from(
    { length: CURVE_POINTS },
    (_, at) => (1.5 * plan.fullAmount * at) / (CURVE_POINTS - 1),
  );
  const doses = amounts.map((amount) => (amount * perUnit.value) / facts.volumeL);
  const points = titrationCurve(model.value, product.reagent, doses).map(({ ph }, at) => {
    const change = ph - facts.ph;
    const half = 2 * Math.hypot(judged.budget.stdU, sigma * Math.abs(factor * change));
    return { amount: amounts[at]!, ph: facts.ph + factor * change, half };
  });
  const { firstAmount: first, fullAmount: full, unit } = plan;
  return { points, band: answer.tank.body.phBand, first, full, unit };
}

/** The record of a dose that was poured. */
export function pouredDose(
  answer: DoseAnswer,
  plan: DosePlan,
  { name, id, note, nowMs }: { name: string; id: string; note: string; nowMs: number },
) {
  const volumeL = factsOf(answer).volumeL;
  return {
    tankId: answer.tank.id,
    at: new Date(nowMs).toISOString(),
    what: plan.acidMmol > 0 ? ('acid' as const) : ('base' as const),
    productId: id,
    productName: name,
    doseMl: plan.unit === 'mL' ? Number(plan.firstAmount.toFixed(3)) : undefined,
    doseG: plan.unit === 'g' ? Number(plan.firstAmount.toFixed(3)) : undefined,
    acidMmol: plan.acidMmol,
    tankVolumeL: volumeL,
    readingId: answer.reading?.id,
    rereadAt: mixedAt(answer.tank.body, volumeL, nowMs),
    aimPh: plan.aimPh,
    predictedPh: plan.afterPh,
    modelChangePh: plan.modelChangePh,
    note,
  };
}

/** What was poured although nothing was planned: as typed, with what is known of the product. */
export function pouredAnyway(
  answer: DoseAnswer,
  { id, name, product }: { readonly id: string; readonly name: string; readonly product: Product },
  { amount, nowMs }: { readonly amount: number; readonly nowMs: number },
): Addition {
  const { volumeL } = factsOf(answer);
  const acid = REAGENTS[product.reagent].acid;
  return {
    tankId: answer.tank.id,
    at: new Date(nowMs).toISOString(),
    what: acid ? 'acid' : 'base',
    productId: id,
    productName: name,
    doseMl: isDry(product) ? undefined : amount,
    doseG: isDry(product) ? amount : undefined,
    tankVolumeL: volumeL,
    readingId: answer.reading?.id,
    rereadAt: mixedAt(answer.tank.body, volumeL, nowMs),
    note: '',
  };
}

/** How much of a product moves this tank by one pH, by what it taught; undefined where it can't be said. */
export function amountForOnePh(
  answer: DoseAnswer,
  product: Product,
): { readonly amount: number; readonly unit: 'mL' | 'g' } | undefined {
  const facts = factsOf(answer);
  const model = tankModel(facts);
  const perUnit = molPerUnit(product);
  if (!model.ok || !perUnit.ok) return undefined;
  const down = REAGENTS[product.reagent].acid;
  const change = (down ? -1 : 1) / (facts.water.kind === 'fresh' ? 1 : answer.factor.factor);
  const aim = Math.min(Math.max(facts.ph + change, 3), 11);
  const molPerL = molPerLToReach(model.value, product.reagent, aim);
  return {
    amount: (molPerL * facts.volumeL) / perUnit.value,
    unit: isDry(product) ? 'g' : 'mL',
  };
}

/** Water to pour the product into first, L. */
export const jugFor = (plan: DosePlan) =>
  preDilutionL(plan.unit === 'mL' ? plan.firstAmount : plan.firstAmount * 2);

/** A tank nothing was learned from, for tests and empty books. */
export const nothingLearned = (nowMs: number) => learnFactor([], { nowMs });

import { MINUTE_MS } from '@/core/units';
import type { DoseAnswer, DosePlanAnswer } from '@/book/answers';
import { isDry, REAGENTS, type Product } from '@/core/chemistry';
import {
  measureOf,
  preDilutionL,
  USUAL_EC_MS_PER_CM,
  USUAL_TEMP_C,
  type DosePlan,
} from '@/core/dosing';
import type { Addition } from '@/records/kinds';
import type { CurveSpec } from './DoseCurve';
import { mixedAt } from './mixedAt';

/** What the chemistry of a tank is worked out with. */
export function factsOf({ tank, reading }: Pick<DoseAnswer, 'tank' | 'reading'>) {
  return {
    ph: reading?.ph?.judged.value ?? 7,
    ecMsPerCm: reading?.ec?.judged?.value ?? USUAL_EC_MS_PER_CM,
    tempC: reading?.tempC ?? USUAL_TEMP_C,
    volumeL: reading?.volumeL ?? tank.body.volumeL,
  };
}

/** pH against dose for the drawing. */
export function curveFor(
  { curve }: DosePlanAnswer,
  plan: DosePlan,
  band: CurveSpec['band'],
): CurveSpec | undefined {
  if (curve.length < 2) return undefined;
  const { perAmount, unit } = measureOf(plan.unit, plan.pour);
  return {
    points: curve.map((point) => ({ ...point, amount: perAmount * point.amount })),
    band,
    first: perAmount * plan.firstAmount,
    full: perAmount * plan.fullAmount,
    unit,
  };
}

const cut = (amount: number) => Number(amount.toPrecision(4));

/** The record of a dose that was poured. */
export function pouredDose(
  answer: DoseAnswer,
  plan: DosePlan,
  {
    name,
    id,
    note,
    rereadMinutes,
    nowMs,
  }: { name: string; id: string; note: string; rereadMinutes: number; nowMs: number },
  product: Product,
): Addition {
  return {
    tankId: answer.tank.id,
    at: new Date(nowMs).toISOString(),
    what: REAGENTS[product.reagent].acid ? 'acid' : 'base',
    productId: id,
    productName: name,
    doseMl: plan.unit === 'mL' ? cut(plan.firstAmount) : undefined,
    doseG: plan.unit === 'g' ? cut(plan.firstAmount) : undefined,
    acidMmol: plan.acidMmol,
    tankVolumeL: factsOf(answer).volumeL,
    readingId: answer.reading?.id,
    rereadAt: new Date(nowMs + MINUTE_MS * rereadMinutes).toISOString(),
    aimPh: plan.aimPh,
    predictedPh: plan.afterPh,
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

/** Water to pour the product into first, L. */
export const jugFor = (plan: DosePlan) =>
  preDilutionL(plan.unit === 'mL' ? plan.firstAmount : plan.firstAmount * 2);

/** The product a tank's dose begins with: the last one that leads the way it needs, else a mild one. */
export function firstProduct(
  answer: Pick<DoseAnswer, 'tank' | 'reading' | 'outcomes'>,
  products: readonly { readonly id: string; readonly product: Product }[],
): string {
  const { low, high } = answer.tank.body.phBand;
  const down = factsOf(answer).ph > (low + high) / 2;
  const leads = (id: string | undefined) => {
    const product = products.find((each) => each.id === id)?.product;
    return product && REAGENTS[product.reagent].acid === down;
  };
  const last = answer.outcomes.find(({ body }) => leads(body.productId))?.body.productId;
  return last ?? (down ? 'citric-50' : 'khco3-dry');
}

import type { Pour } from '@/acts/pourings';
import type { DoseAnswer, DosePlanAnswer } from '@/book/answers';
import { REAGENTS, type Product } from '@/core/chemistry';
import {
  measureOf,
  preDilutionL,
  USUAL_EC_MS_PER_CM,
  USUAL_TEMP_C,
  type DosePlan,
} from '@/core/dosing';
import type { CurveSpec } from './curveGeometry';

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

/** The tank of an answer, as something is poured into it now. */
export const pourInto = (
  { tank, reading }: Pick<DoseAnswer, 'tank' | 'reading'>,
  nowMs: number,
): Pour => ({
  tankId: tank.id,
  tank: tank.body,
  tankVolumeL: reading?.volumeL ?? tank.body.volumeL,
  readingId: reading?.id,
  nowMs,
});

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

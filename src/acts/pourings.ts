import { MINUTE_MS } from '@/core/units';
import { REAGENTS, isDry, type Product } from '@/core/chemistry';
import type { DosePlan, EcRaise, EcThinning, JarPlan } from '@/core/dosing';
import { mixingOf } from '@/core/tank-belief';
import type { ReadingId, TankId } from '@/records';
import type { Addition, JarTest, Reservoir } from '@/records/kinds';

/** A tank something is poured into now. */
export interface Pour {
  readonly tankId: TankId;
  readonly tank: Reservoir;
  /** What is in it, L. */
  readonly tankVolumeL: number;
  /** The reading it is poured by. */
  readonly readingId?: ReadingId | undefined;
  /** Now, epoch ms. */
  readonly nowMs: number;
}

/** What is poured, by its name on the bottle. */
export interface Poured {
  readonly id: string;
  readonly name: string;
  readonly product: Product;
}

const iso = (ms: number) => new Date(ms).toISOString();

const into = ({ tankId, tankVolumeL, readingId, nowMs }: Pour) => ({
  tankId,
  at: iso(nowMs),
  tankVolumeL,
  readingId,
});

const ofProduct = ({ id, name, product }: Poured) => ({
  what: REAGENTS[product.reagent].acid ? ('acid' as const) : ('base' as const),
  productId: id,
  productName: name,
});

/** When what is poured now is mixed and the tank is read again, by its pump where that is known. */
function mixedAt({ tank: { pumpLPerMin }, tankVolumeL, nowMs }: Pour): string {
  const pumpLPerHour = pumpLPerMin === undefined ? undefined : 60 * pumpLPerMin;
  return iso(nowMs + MINUTE_MS * mixingOf(tankVolumeL, pumpLPerHour).firstMinutes);
}

/** As exactly as anybody pours: four digits. */
const cut = (amount: number) => Number(amount.toPrecision(4));

/** A dose that was planned and poured, with its promise. */
export const plannedDose = (
  pour: Pour,
  poured: Poured,
  plan: Pick<DosePlan, 'unit' | 'firstAmount' | 'acidMmol' | 'aimPh' | 'afterPh'>,
  { note, rereadMinutes }: { readonly note: string; readonly rereadMinutes: number },
): Addition => ({
  ...into(pour),
  ...ofProduct(poured),
  doseMl: plan.unit === 'mL' ? cut(plan.firstAmount) : undefined,
  doseG: plan.unit === 'g' ? cut(plan.firstAmount) : undefined,
  acidMmol: plan.acidMmol,
  rereadAt: iso(pour.nowMs + MINUTE_MS * rereadMinutes),
  aimPh: plan.aimPh,
  predictedPh: plan.afterPh,
  note,
});

/** What was poured although nothing was planned: so many mL, or g of a powder; nothing is promised. */
export const unplannedDose = (pour: Pour, poured: Poured, amount: number): Addition => {
  const dry = isDry(poured.product);
  return {
    ...into(pour),
    ...ofProduct(poured),
    doseMl: dry ? undefined : amount,
    doseG: dry ? amount : undefined,
    rereadAt: mixedAt(pour),
    note: '',
  };
};

/** What was tried drop by drop in a sample of a tank. */
type Jar = Pick<JarTest, 'sampleL' | 'dilution' | 'dropMl' | 'points' | 'aimPh' | 'penId'>;

/** A jar test, and the dose that was poured by it. */
export const jarAndDose = (
  pour: Pour,
  poured: Poured,
  jar: Jar,
  { plan, note }: { readonly plan: JarPlan; readonly note: string },
): { readonly jar: JarTest; readonly dose: Addition } => {
  const { tankId, at, tankVolumeL, readingId } = into(pour);
  const { id: productId, name: productName } = poured;
  return {
    jar: { ...jar, tankId, at, tankVolumeL, productId, productName, note: '' },
    dose: {
      ...{ tankId, at, tankVolumeL, readingId },
      ...ofProduct(poured),
      doseMl: cut(plan.firstMl),
      rereadAt: mixedAt(pour),
      predictedPh: plan.afterPh,
      note,
    },
  };
};

/** Stock as the book calls it: both of its bottles. */
const STOCK = { what: 'stock', productName: 'of stock A and of B each' } as const;

/** What was poured, or drained and poured, for a tank's EC; `beforeMsPerCm` is what it was. */
export function ecAdditions(
  pour: Pour,
  plan: EcRaise | EcThinning,
  beforeMsPerCm: number | undefined,
): readonly Addition[] {
  const common = { ...into(pour), ecBeforeMsPerCm: beforeMsPerCm, note: '' };
  const rereadAt = mixedAt(pour);
  if (plan.kind === 'raise') {
    const doseMl = Number(plan.firstMl.toFixed(3));
    return [{ ...common, ...STOCK, rereadAt, doseMl, predictedEcMsPerCm: plan.afterMsPerCm }];
  }
  const ofWater = (waterL: number) => ({ productName: '', waterL: Number(waterL.toFixed(2)) });
  const water: Addition = {
    ...common,
    ...ofWater(plan.addL),
    what: 'water',
    rereadAt,
    predictedEcMsPerCm: plan.aimMsPerCm,
    waters: pour.tank.waters,
  };
  if (plan.drainL <= 0) return [water];
  return [{ ...common, ...ofWater(plan.drainL), what: 'drain' }, water];
}

/** Stock poured although nobody knows what it adds; `eachMl` of A and of B. */
export const unknownStock = (
  pour: Pour,
  eachMl: number,
  beforeMsPerCm: number | undefined,
): Addition => ({
  ...into(pour),
  ...STOCK,
  doseMl: Number(eachMl.toFixed(3)),
  ecBeforeMsPerCm: beforeMsPerCm,
  rereadAt: mixedAt(pour),
  note: '',
});

import {
  BUFFER_FAMILIES,
  bufferPhAt,
  kindOfNominal,
  type BufferKind,
  type FamilyMember,
} from '../buffers';
import type { AcidSystem } from './acidSystems';
import { NO_ACIDS, withPh, type Liquid } from './liquid';

/** What of a recipe is dissolved, mol/L, and its conductivity at 25 °C, mS/cm. */
interface Recipe {
  readonly molPerL: Partial<Record<AcidSystem, number>>;
  readonly ecMsPerCm: number;
}

/** The buffers as they are made (Bates 1973, table 4-2: mol/kg, taken as mol/L) and what they conduct. */
const RECIPES: Readonly<Record<BufferKind, Recipe>> = {
  'phthalate-4.01': { molPerL: { phthalate: 0.05 }, ecMsPerCm: 4.5 },
  'phosphate-6.86': { molPerL: { phosphate: 0.05 }, ecMsPerCm: 5.6 },
  'technical-7.00': { molPerL: { phosphate: 0.05 }, ecMsPerCm: 5.9 },
  'borax-9.18': { molPerL: { borate: 0.04 }, ecMsPerCm: 1.6 },
  'carbonate-10.01': { molPerL: { carbonate: 0.05 }, ecMsPerCm: 5.5 },
};

interface Amount {
  readonly volumeMl: number;
  readonly tempC: number;
}

const plain = ({ volumeMl, tempC }: Amount): Liquid => ({
  volumeMl,
  tempC,
  molPerL: NO_ACIDS,
  strongIonDifferenceMolPerL: 0,
  ecKcl25MsPerCm: 0,
  ecOther25MsPerCm: 0,
  soapShare: 0,
});

/** Recipes by their values at 25 °C. */
const BY_VALUE = Object.values(BUFFER_FAMILIES).flat();

/** The recipe a printed value stands for: its own, or for a value that no recipe has the nearest one. */
export function recipeOf(nominalPh: number): FamilyMember {
  const known = kindOfNominal(nominalPh);
  if (known) return { kind: known, nominalPh };
  const away = (one: FamilyMember) => Math.abs(one.nominalPh - nominalPh);
  const nearest = BY_VALUE.reduce((best, one) => (away(one) < away(best) ? one : best));
  return { kind: nearest.kind, nominalPh };
}

/** A fresh buffer by its printed value; of a value that no recipe has, made like the nearest one. */
export function freshBuffer(nominalPh: number, amount: Amount): Liquid {
  const recipe = recipeOf(nominalPh);
  const at25 = bufferPhAt(recipe, 25);
  const { molPerL, ecMsPerCm } = RECIPES[recipe.kind];
  const made = { ...plain(amount), molPerL: { ...NO_ACIDS, ...molPerL } };
  return withPh({ ...made, ecOther25MsPerCm: ecMsPerCm }, at25.ok ? at25.value : nominalPh);
}

/** A fresh standard of potassium chloride by its value at 25 °C, mS/cm. */
export function freshStandard(nominalMsPerCm: number, amount: Amount): Liquid {
  return withPh({ ...plain(amount), ecKcl25MsPerCm: nominalMsPerCm }, 5.8);
}

/** What conducts in water that carries so much alkalinity, mS/cm per meq/L: hard water, whole. */
const EC_PER_MEQ = 0.13;

/** Water with carbonate in balance with its pH: tap water, rain, source water. Alkalinity in meq/L. */
export function water(
  { alkalinityMeqPerL, ph }: { readonly alkalinityMeqPerL: number; readonly ph: number },
  amount: Amount,
): Liquid {
  // Most carbon is bicarbonate between pH 6 and 9; what is left as gas follows from the first pKa.
  const carbonMolPerL = (alkalinityMeqPerL / 1000) * (1 + 10 ** (6.35 - ph));
  const made = { ...plain(amount), molPerL: { ...NO_ACIDS, carbonate: carbonMolPerL } };
  return withPh({ ...made, ecOther25MsPerCm: 0.01 + EC_PER_MEQ * alkalinityMeqPerL }, ph);
}

/** Distilled or reverse-osmosis water that stood in air: pH 5.6, almost no ions. */
export const pureWater = (amount: Amount): Liquid => ({
  ...water({ alkalinityMeqPerL: 0.002, ph: 5.6 }, amount),
  ecOther25MsPerCm: 0.002,
});

/** Storage solution, potassium chloride 3 mol/L: about 250 mS/cm. */
export const storageSolution = (amount: Amount): Liquid =>
  withPh({ ...plain(amount), ecKcl25MsPerCm: 250 }, 6.5);

/** Probe cleaner in water. */
export const cleanerBath = (amount: Amount): Liquid => ({
  ...withPh({ ...plain(amount), ecOther25MsPerCm: 3 }, 8.5),
  soapShare: 1,
});

/** A feed: phosphate and ammonium in proportion to its conductivity (mmol/L per mS/cm: 0.5 and 0.3). */
export function feed(
  { ph, ecMsPerCm }: { readonly ph: number; readonly ecMsPerCm: number },
  amount: Amount,
): Liquid {
  const molPerL = {
    ...NO_ACIDS,
    phosphate: 0.0005 * ecMsPerCm,
    ammonium: 0.0003 * ecMsPerCm,
    carbonate: 0.00002 + 10 ** (ph - 6.35 - 4.85),
  };
  return withPh({ ...plain(amount), molPerL, ecOther25MsPerCm: ecMsPerCm }, ph, amount.tempC);
}

import { isDry, molPerUnit, type Product } from '../chemistry';
import { LEFT_OVER_MEQ_PER_L } from './constants';
import { raiseEc } from './ecDose';
import { hardWaterFacts, mixtureOf, type WaterPart } from './explain';

/** A whole change: how much of each water, of stock, of acid. */
export interface Recipe {
  readonly waters: readonly { readonly name: string; readonly litres: number }[];
  /** mL of A, and the same of B; undefined where the stock's gain or the water is not known. */
  readonly stockMl?: number | undefined;
  /** For acid before nutrients: leaves half a meq/L; undefined where the waters are not known. */
  readonly acid?:
    | {
        readonly amount: number;
        readonly unit: 'mL' | 'g';
        readonly mixedPh: number;
        readonly airedPh: number;
      }
    | undefined;
}

/** Where nobody measured it, °C. */
const FILL_TEMP_C = 18;

interface Band {
  readonly low: number;
  readonly high: number;
}

/** What a whole change is made of. */
export interface RecipeFacts {
  readonly volumeL: number;
  readonly waters: readonly WaterPart[];
  readonly phBand: Band;
  /** mS/cm at 25 °C. */
  readonly ecBand: Band;
  /** (mS/cm) for 1 mL/L of each stock, learned or from its label. */
  readonly gainMsPerCm: number | undefined;
  /** The acid. */
  readonly product: Product;
}

/** What a whole change takes to the middle of the tank's bands. */
export function recipeFor(facts: RecipeFacts): Recipe {
  const { volumeL, waters, phBand, ecBand, gainMsPerCm, product } = facts;
  const mixture = mixtureOf(waters);
  const middle = ({ low, high }: Band) => (low + high) / 2;
  const stock = raiseEc({
    volumeL,
    ecMsPerCm: mixture?.ecMsPerCm ?? NaN,
    aimMsPerCm: middle(ecBand),
    gainMsPerCm,
  });
  const perUnit = molPerUnit(product);
  const acid =
    mixture &&
    hardWaterFacts(mixture, {
      aimPh: middle(phBand),
      tempC: FILL_TEMP_C,
      leaveMmolPerL: LEFT_OVER_MEQ_PER_L,
      reagent: product.reagent,
    });
  return {
    waters: waters.map(({ water, share }) => ({ name: water.name, litres: share * volumeL })),
    stockMl: stock.ok && Number.isFinite(stock.value) ? stock.value : undefined,
    acid:
      acid && perUnit.ok
        ? {
            amount: (acid.molPerL * volumeL) / perUnit.value,
            unit: isDry(product) ? 'g' : 'mL',
            mixedPh: acid.mixedPh,
            airedPh: acid.airedPh,
          }
        : undefined,
  };
}

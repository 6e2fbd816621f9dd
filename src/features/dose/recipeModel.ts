import type { EcDoseAnswer } from '@/book/answers';
import { isDry, molPerUnit, type Product } from '@/core/chemistry';
import { LEFT_OVER_MEQ_PER_L, raiseEc } from '@/core/dosing';
import { hardWaterFacts, mixtureOf } from './explainModel';

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

/** What a whole change of so many litres takes to the middle of the tank's bands. */
export function recipeFor(answer: EcDoseAnswer, volumeL: number, product: Product): Recipe {
  const { tank, waters, learnedGain } = answer;
  const { ecBand, phBand, stockGainMsPerCm } = tank.body;
  const mixture = mixtureOf(waters);
  const middle = (band: { low: number; high: number }) => (band.low + band.high) / 2;
  const stock = raiseEc({
    volumeL,
    ecMsPerCm: mixture?.ecMsPerCm ?? NaN,
    aimMsPerCm: middle(ecBand),
    gainMsPerCm: learnedGain?.gainMsPerCm ?? stockGainMsPerCm,
  });
  const perUnit = molPerUnit(product);
  const facts =
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
      facts && perUnit.ok
        ? {
            amount: (facts.molPerL * volumeL) / perUnit.value,
            unit: isDry(product) ? 'g' : 'mL',
            mixedPh: facts.mixedPh,
            airedPh: facts.airedPh,
          }
        : undefined,
  };
}

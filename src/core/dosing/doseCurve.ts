import { REAGENTS } from '../chemistry';
import { amountsTo, type Wanted } from '../tank-belief';
import type { CurvePoint, DoseInput } from './dosePlanTypes';
import { amountsOf } from './planDose';

/** Values of pH at which the curve is worked out. */
const CURVE_POINTS = 22;

/** Beyond the drawn line its bounds are worked out so much further, pH, in so many values. */
const BEYOND_PH = 1.2;
const BEYOND_POINTS = 8;

/** pH against amount, from where the tank stands to somewhat beyond the aim. */
export function doseCurve({
  beliefs,
  product,
  volumeL,
  band,
  aimPh = (band.low + band.high) / 2,
}: Pick<DoseInput, 'beliefs' | 'product' | 'volumeL' | 'band' | 'aimPh'>): readonly CurvePoint[] {
  const amounts = amountsOf(product, volumeL);
  if (!amounts.ok) return [];
  const { perUnitPerL, unknown } = amounts.value;
  const wanted: Wanted = { reagent: product.reagent, band, aimPh, ofUnknown: unknown };
  const { nodes } = beliefs[0]!.belief;
  const fromPh = nodes.mean((node) => nodes.ph[node]!);
  const beyond = wanted.aimPh + 0.35 * (wanted.aimPh - fromPh);
  const way = Math.sign(aimPh - fromPh);
  const drawn = Array.from(
    { length: CURVE_POINTS },
    (_, at) => fromPh + ((beyond - fromPh) * at) / (CURVE_POINTS - 1),
  );
  const further = Array.from(
    { length: BEYOND_POINTS },
    (_, at) => beyond + (way * BEYOND_PH * (at + 1)) / BEYOND_POINTS,
  );
  const levels = [...drawn, ...further]
    .map((ph) => {
      const [low, middle, high] = amountsTo(beliefs, wanted, ph);
      return { ph, low: low * perUnitPerL, middle: middle * perUnitPerL, high: high * perUnitPerL };
    })
    .filter(({ middle }) => Number.isFinite(middle));
  const acid = REAGENTS[wanted.reagent].acid;
  /** The pH a boundary has at an amount, straight between its points. */
  const phAt = (boundary: 'low' | 'high', amount: number) => {
    const at = levels.findIndex((level) => level[boundary] >= amount);
    if (at < 0) return levels.at(-1)!.ph;
    const [from, to] = [levels[at - 1], levels[at]!];
    if (!from) return to.ph;
    const share = (amount - from[boundary]) / (to[boundary] - from[boundary] || 1);
    return from.ph + share * (to.ph - from.ph);
  };
  return levels
    .slice(0, CURVE_POINTS)
    .filter(({ middle }) => middle >= 0)
    .map(({ ph, middle }) => {
      // A tank that takes little is beyond, one that takes much behind.
      const [far, near] = [phAt('low', middle), phAt('high', middle)];
      return { amount: middle, ph, low: acid ? far : near, high: acid ? near : far };
    });
}

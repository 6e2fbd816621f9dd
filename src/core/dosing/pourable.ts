import { DROP_ML } from './constants';

/** Less than this nobody pours from a bottle or a jug, mL. */
const LEAST_POUR_ML = 2;

/** Fewer drops than this are no measure. */
export const LEAST_DROPS = 10;

/** Parts of a mixture that hold one of the product, in the order they are tried. */
const DILUTIONS = [50, 100, 1000] as const;

/** How a dose is poured: as it is, or as so much (or so many drops) of a dilution made for it. */
export type Pour =
  | { readonly kind: 'asIs' }
  | {
      readonly kind: 'diluted';
      /** Parts that hold one of the product: 50 is 2 mL into 98 mL of water. */
      readonly parts: number;
      readonly ml: number;
      /** Absent where it is poured by the mL. */
      readonly drops?: number | undefined;
    }
  /** Less than ten drops even of one in a thousand. */
  | { readonly kind: 'tooSmall' };

/**
 * How so many mL of a product are poured. Under 2 mL from 1 in 50, else 1 in 100; under 2 mL of that in
 * drops, never fewer than ten, else diluted ten times more. Always rounded down.
 * `pourOf(1.2).ml // => 60`
 */
export function pourOf(ml: number, dropMl = DROP_ML): Pour {
  if (ml >= LEAST_POUR_ML) return { kind: 'asIs' };
  for (const parts of DILUTIONS) {
    const diluted = parts * ml;
    if (diluted >= LEAST_POUR_ML)
      return { kind: 'diluted', parts, ml: Math.floor(10 * diluted + 1e-9) / 10 };
    const drops = Math.floor(diluted / dropMl + 1e-9);
    if (parts >= 100 && drops >= LEAST_DROPS)
      return { kind: 'diluted', parts, ml: drops * dropMl, drops };
  }
  return { kind: 'tooSmall' };
}

/** mL of the product itself in what is poured. */
export const productMlOf = (pour: Pour, ml: number) =>
  pour.kind === 'diluted' ? pour.ml / pour.parts : ml;

/**
 * How so many mL are poured where a dilution is in hand already, as after a jar test: from 2 mL on as
 * they are, else as mL or whole drops of that very dilution. Always rounded down.
 * `pourOfDilution(0.06, { parts: 50, dropMl: 0.05 }).ml // => 3.0`
 */
export function pourOfDilution(
  ml: number,
  { parts, dropMl }: { readonly parts: number; readonly dropMl: number },
): Pour {
  if (ml >= LEAST_POUR_ML) return { kind: 'asIs' };
  const diluted = parts * ml;
  if (diluted >= LEAST_POUR_ML)
    return { kind: 'diluted', parts, ml: Math.floor(10 * diluted + 1e-9) / 10 };
  const drops = Math.floor(diluted / dropMl + 1e-9);
  return drops < 1 ? { kind: 'tooSmall' } : { kind: 'diluted', parts, ml: drops * dropMl, drops };
}

/** What the amounts of one plan are told in, so that none of them is a hundredth of a mL. */
export interface Measure {
  readonly unit: 'mL' | 'g' | 'drops';
  /** So many of it in a mL of product, or in a gram. */
  readonly perAmount: number;
  /** Of a dilution: parts that hold one of the product. */
  readonly parts?: number | undefined;
}

/** The measure of a plan: that of what is poured first. */
export function measureOf(unit: 'mL' | 'g', pour: Pour): Measure {
  if (unit === 'g' || pour.kind !== 'diluted') return { unit, perAmount: 1 };
  const { parts, ml, drops } = pour;
  return drops === undefined
    ? { unit: 'mL', perAmount: parts, parts }
    : { unit: 'drops', perAmount: (parts * drops) / ml, parts };
}

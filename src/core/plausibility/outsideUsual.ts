/** What is read of a liquid. */
type Quantity = 'ph' | 'ec';

/** What liquid a value was read in: what plants are given or leave, or the water tanks are filled with. */
export type Liquid = 'feed' | 'water';

/** The end of a usual range that a value lies beyond. */
export interface OutsideUsual {
  readonly end: 'low' | 'high';
  readonly limit: number;
}

/**
 * Values that these liquids rarely leave: pH, and mS/cm at 25 °C. Drinking water is kept at pH 6.5 to
 * 9.5 and below 2.5 mS/cm; rain and very soft water reach down to 4.5.
 * @source WHO, Guidelines for drinking-water quality, 4th ed., pH; Council Directive 98/83/EC, annex I.
 */
const USUAL: Readonly<
  Record<Liquid, Readonly<Record<Quantity, { readonly low: number; readonly high: number }>>>
> = {
  feed: { ph: { low: 3.5, high: 9 }, ec: { low: 0, high: 8 } },
  water: { ph: { low: 4.5, high: 9.5 }, ec: { low: 0, high: 2.5 } },
};

/**
 * Whether a value is one that such a liquid rarely has, so that it is asked about once: never refused.
 * `outsideUsual('water', 'ph', 9.4) // => undefined`
 */
export function outsideUsual(
  liquid: Liquid,
  quantity: Quantity,
  value: number,
): OutsideUsual | undefined {
  const { low, high } = USUAL[liquid][quantity];
  if (value < low) return { end: 'low', limit: low };
  return value > high ? { end: 'high', limit: high } : undefined;
}

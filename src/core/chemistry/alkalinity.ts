/** Units a water report may state alkalinity in. */
export const ALKALINITY_PER_MMOL_PER_L = {
  'mmol/L': 1,
  'meq/L': 1,
  'mg/L CaCO3': 50.04,
  'mg/L HCO3': 61.02,
  '°dH': 2.8,
} as const;

export type AlkalinityUnit = keyof typeof ALKALINITY_PER_MMOL_PER_L;

/**
 * Alkalinity in mmol/L (= meq/L) from a report's unit. Source: molar masses, IUPAC 2021; DIN 38409-7.
 * `alkalinityMmolPerL(165, 'mg/L CaCO3') // => 3.30`
 */
export function alkalinityMmolPerL(value: number, unit: AlkalinityUnit): number {
  return value / ALKALINITY_PER_MMOL_PER_L[unit];
}

/** No water holds more, mmol/L: where a number says so, its unit was mistaken. */
const MOST_ALKALINITY_MMOL_PER_L = 20;

/** Whether a water can hold so much, mmol/L. `isAlkalinityOfWater(165) // => false: those are mg/L CaCO3` */
export const isAlkalinityOfWater = (mmolPerL: number): boolean =>
  mmolPerL >= 0 && mmolPerL <= MOST_ALKALINITY_MMOL_PER_L;

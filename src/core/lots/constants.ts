/** What a lot holds. */
export type LotKind = 'buffer' | 'ecStandard' | 'storage' | 'cleaner';

/** How a lot comes. */
export type LotForm = 'bottle' | 'sachet' | 'dissolvedSachet';

/** Life after opening, days. Alkaline buffers take up carbon dioxide. Trade practice. */
export const OPEN_LIFE_DAYS = {
  acidOrNeutralBuffer: 90,
  alkalineBuffer: 30,
  dissolvedSachet: 30,
  ecStandard: 90,
  storage: 365,
  cleaner: 365,
} as const;

/** A buffer above this nominal value takes up carbon dioxide, pH. */
export const ALKALINE_FROM_PH = 8;

/** A poured portion up to the probe's fill line, mL. */
export const PORTION_ML = 20;

/** Added to the tolerance of a hand-made lot: 10 % too much water moves it about this, pH. */
export const HAND_MADE_EXTRA_PH = 0.01;

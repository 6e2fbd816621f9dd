import type { Formats } from './formats';

/** What was poured, in a word. */
export const ADDITION_WORD = {
  acid: 'acid poured',
  base: 'base poured',
  stock: 'stock poured',
  water: 'topped up',
  drain: 'drained',
  change: 'water changed',
} as const;

/** How much of what. */
export function additionLine(
  addition: {
    readonly productName: string;
    readonly doseMl?: number | undefined;
    readonly doseG?: number | undefined;
    readonly waterL?: number | undefined;
  },
  formats: Formats,
): string {
  const { productName, doseMl, doseG, waterL } = addition;
  const grams = doseG === undefined ? '' : `${formats.number(doseG, doseG < 10 ? 2 : 1)} g`;
  const dose = doseMl === undefined ? '' : formats.doseMl(doseMl);
  const water = waterL === undefined ? '' : formats.volume(waterL);
  return [dose, grams, water, productName].filter(Boolean).join(' · ');
}

/** Parts that several features use. */
export const partsSays = {
  showOnlyRowsWith: 'Show only rows with',
  noRowHasThatWord: 'No row has that word.',
  at25C: (ecUnit: string) => `${ecUnit} at 25 °C`,
  wasShown: (unit: string) => `${unit} was shown`,
  whyMargin: 'Why ±?',
  whatWouldShrinkIt: (shrink: string) => `What would shrink it: ${shrink}`,
  sortBy: (column: string) => `Sort by ${column}`,
} as const;

/** Bands of the other samples of a tank. */
export const bandsSays = {
  loadingTheBands: 'Loading the bands',
  saveTheBand: 'Save the band',
  title: (name: string) => `Bands · ${name}`,
  ofWhichSample: 'Of which sample',
  bandsHint: (sampleHint: string) =>
    `${sampleHint} Bands of these samples are your own: none is shipped as fact. Leave both fields of a pair empty for no band.`,
  phFrom: 'pH from',
  phTo: 'pH to',
  ecFrom: 'EC from',
  ecTo: 'EC to',
  phRange: 'pH runs from 0 to 14.',
  bothOrNeither: 'Both ends, or neither.',
  aboveTheLow: 'Must lie above the low end.',
} as const;

/** A cup whose temperature is not that of the others. */
export const cupTempSays = {
  temperature: 'temperature of this cup',
  cupsAt: (temp: string) => `Cup at ${temp}: is it another?`,
  thisCup: 'this cup',
  hint: 'What it should show follows. The other cups stay as they are.',
  useIt: 'Use this temperature',
} as const;

/** The form of a water. */
export const waterFormSays = {
  loadingTheWater: 'Loading the water',
  saveTheWater: 'Save the water',
  addTheWater: 'Add the water',
  change: (name: string) => `Change ${name}`,
  aNewWater: 'A new water',
} as const;

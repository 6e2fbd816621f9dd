/** The waters tanks are filled with. */
export const watersSays = {
  mixTwo: 'Mix two',
  addAWater: 'Add a water',
  whatTanksAreFilledWithTown:
    'What tanks are filled with: town water, rain, reverse osmosis. Its alkalinity decides how much acid a fresh fill takes.',
  itsAlkalinityDecidesHowMuch: 'Its alkalinity decides how much acid a fresh fill takes.',
} as const;

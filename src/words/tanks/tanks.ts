/** All tanks, their order, compared. */
export const tanksSays = {
  loadingTanks: 'Loading tanks',
  tanks: 'Tanks',
  whatStandsHere:
    'Each nutrient tank stands here with its target band and its newest reading. Add the first one.',
  placeWithoutATank: 'A pot, bed, slab or drain',
  orderOfTheRound: 'Order of the Round',
  outOfUse: (line: string) => `Out of use. ${line}`,
  shownAs: 'Shown as',
  table: 'Table',
  strips: 'Strips',
  headTank: 'Tank',
  headVerdict: 'Verdict',
  headEcVerdict: 'EC verdict',
  headPhGoes: 'pH goes',
  headRead: 'Read',
  tableHint: 'Corrected values. Press a head to sort, a name to open.',
} as const;

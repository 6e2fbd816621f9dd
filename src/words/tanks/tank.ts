/** One tank. */
export const tankSays = {
  topUp: 'Top up',
  changeTheTank: 'Change the tank',
  changeThePlace: 'Change the place',
  goesOnTo: (stage: string, day: string) => `${stage} from ${day}`,
  noReadingYet: 'No reading yet. It will show here against its band.',
  notInBook: 'This tank is not in the book.',
  waterAndSalts: 'Water and salts',
  fromTheLevelsReadAndThe:
    'From the levels read and the water logged over the last four weeks. Plants usually do this; only an analysis of the solution tells for sure.',
} as const;

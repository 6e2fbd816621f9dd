/** The form of a tank, and what else is done with it. */
export const tankFormSays = {
  bandsOfDrainDripperSubstrate: 'Bands of drain, dripper, substrate',
  planOfTheCrop: 'Plan of the crop',
  measureItsCoefficient: 'Measure its coefficient',
  anotherLikeIt: 'Another like it',
  backInUse: 'Back in use',
  outOfUse: 'Out of use',
  backInUseHint: 'Back in use: the Round comes past it again',
  outOfUseHint: 'Out of use: its record stays. It is left out of the Round.',
  saveTheTank: 'Save the tank',
  addTheTank: 'Add the tank',
  change: (name: string) => `Change ${name}`,
  aNewTank: 'A new tank',
  cropAndStage: 'Crop and stage',
  myOwnBand: 'my own band',
  planRules: (day: string) =>
    `These bands come from the plan, since ${day}. A change here changes this stage of the plan.`,
  publishedBands: 'Typical published bands to start from, EC at 25 °C. Your adviser’s numbers win.',
  waterAndMixing: 'Water and mixing',
  feedHint:
    'From the feed’s recipe or label, at the middle of its EC band. What resists acid is then known, and fewer doses are needed. Empty: the usual.',
  applyFrom: 'Apply from',
  fromNowOn: 'From now on',
  fromNowOnHint: 'Past verdicts stay as they were.',
  alwaysSo: 'It was always so',
  alwaysSoHint: 'Past verdicts are judged anew.',
} as const;

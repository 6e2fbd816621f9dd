/** Water in and out of a tank. */
export const topUpSays = {
  bookTopUp: 'Topped up',
  volumeNeeded: 'A volume above zero.',
  howMuchWater: 'How much water?',
  tooAlkaline: 'No water is that alkaline. Is the unit right?',
  title: (name: string) => `Water · ${name}`,
  whatWasDone: 'What was done?',
  toppedUp: 'topped up',
  toppedUpHint: 'what was in stays in',
  changedHint: 'emptied and filled afresh',
  drainedHint: 'some was let out',
  water: 'Water',
  alkalinity: 'Alkalinity',
  asTheWaterReportStatesIt: 'As the water report states it',
  emptyTakesOwn: (alkalinity: string) => `to take the tank’s own waters: ${alkalinity}.`,
  emptyIfUnknown: 'if nobody measured it.',
  alkalinityHint: (whenEmpty: string) =>
    `Of the water filled in, before any nutrients. For a day Zolder plans acid from it; after a dose, nutrients or a day with the pump it counts as a feed in use. Leave it empty ${whenEmpty}`,
  forecastStartsAfresh:
    'The forecast starts afresh from here: topped-up water moves both pH and EC.',
  bookChange: 'Changed',
  bookDrain: 'Drained',
  changed: 'changed',
  drained: 'drained',
  volume: 'volume',
} as const;

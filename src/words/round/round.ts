/** The Round. */
export const roundSays = {
  loadingTheRound: 'Loading the round',
  theWalkIsDone: 'The walk is done.',
  whatOpensHere:
    'Pens and tanks stand in the places at the left. Whatever is next in the round opens here.',
  pastDate: (liquid: string) => `${liquid} is past its date`,
  look: 'Look',
  withoutANumber: 'without a number',
  lotNumber: (lotCode: string) => `lot ${lotCode}`,
  reRead: 'Re-read',
  care: 'Care',
  dose: 'Dose',
  save: 'Save',
  aCopyOfTheBook: 'A copy of the book',
  alsoOthers: (stops: string) => `Show also the ${stops} others look after`,
  onlyMine: (initials: string) => `Only what ${initials} looks after`,
  notToday: 'Not today…',
  scanALabel: 'Scan a label',
  readAnother: 'Read another tank or place',
  whyNotToday: (what: string) => `Why is ${what} passed by today?`,
  passedBy: (why: string, by: string) => (by ? `passed by: ${why} · ${by}` : `passed by: ${why}`),
  /** That another did it: who, or at least that it was another device, and when. */
  doneBy: (by: string, at: string) => `${by || 'on another device'} at ${at}`,
  theWeekAhead: 'The week ahead',
  passedByHeading: 'Passed by today',
} as const;

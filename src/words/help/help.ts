/** Help, and the key to the drawings. */
export const helpSays = {
  searchHelp: 'Search Help',
  aboutWhichPlace: 'About which place',
  nothingFound: 'Nothing in Help has these words. Try one word less.',
  wherePeopleDisagree: 'Where people disagree',
  zolderIsAnAidToJudgement:
    'Zolder is an aid to judgement, not a certified instrument record. Where a permit or a buyer asks for certified calibration, use an accredited service and keep their papers.',
  markIn: 'Inside the gap, with its whole width: in band. Nothing to do.',
  markProbably: 'Hatched, half over the edge: probably in band. Read it again before acting.',
  markOut: 'Standing on the bar: out of band. Correct the tank.',
  markCantTell: 'Wider than the gap: this pen can’t tell. Check the pen first.',
  markWidth: 'Width of the block: the ± of the reading. The line in it is the value.',
  historyBand: 'In a history, the shaded strip is the target band as it was at that time.',
  hollowMark: 'A hollow mark is what the pen showed, where a later check corrected it.',
  flagAndDiamond: 'A flag is a dose, a drop is water. A diamond is a change of stage.',
  forAPenTheLineIs:
    'For a pen, the line is its error with its ±. A step is an adjustment, a triangle something that happened to it. A dashed line with “due” is the day of its next check.',
  drawing: (says: string) => `Drawing: ${says}`,
} as const;

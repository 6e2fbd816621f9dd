/** Help, and the key to the drawings. */
export const helpSays = {
  searchHelp: 'Search Help',
  aboutWhichPlace: 'About which place',
  nothingFound: 'Nothing in Help has this. Try another word, or fewer.',
  wherePeopleDisagree: 'Where people disagree',
  zolderIsAnAidToJudgement:
    'Zolder is an aid to judgement, not a certified instrument record. Where a permit or a buyer asks for certified calibration, use an accredited service and keep their papers.',
  markIn: 'Inside the gap, with its whole width: in band. Nothing to do.',
  markProbably: 'Hatched, half over the edge: probably in band. Read it again before acting.',
  markOut: 'Standing on the bar: out of band. Correct the tank.',
  markCantTell: 'Wider than the gap: this pen can’t tell. Check the pen first.',
  markWidth: 'Width of the block: the ± of the reading. The line in it is the value.',
  drawing: (says: string) => `Drawing: ${says}`,
  historyTitle: 'The history of a tank',
  historyDrawn:
    'Drawing: a history. Four readings in a target band, a hollow mark, a flag, a drop and a diamond.',
  penTitle: 'The error of a pen',
  penDrawn:
    'Drawing: a pen’s error. A line with its margin, a step, a triangle, and a dashed line with “due”.',
} as const;

/** What the marks in a tank's history mean. */
export const HISTORY_KEY: readonly string[] = [
  'The shaded strip is the target band as it was at that time.',
  'A square is a corrected reading, the stroke through it its ±.',
  'A hollow mark is what the pen showed, before it was corrected.',
  'A flag is a dose. A drop is water put in. A diamond is a new stage of the crop.',
];

/** What the marks in a pen's drift mean. */
export const PEN_KEY: readonly string[] = [
  'The shaded strip is the tolerance. The line is the error with its ±, as known now.',
  'A square is what a check found. A step in the line is an adjustment.',
  'A triangle is something that happened to the pen, such as a fall or a dry cap.',
  'A dashed line with “due” is the day the next check is due by the pen’s own drift.',
];

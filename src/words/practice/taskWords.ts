import type { TaskId } from '@/core/practice';

/** A task in words: its name, what stands before you, what to reach, and what to read for real. */
export interface TaskWords {
  readonly name: string;
  readonly begin: string;
  readonly aim: string;
  /** A question at the end, and its choices in words. */
  readonly asks?: string;
  readonly choices?: Readonly<Record<string, string>>;
  /** What must be handled with care at a real bench. */
  readonly caution?: 'acid' | 'powder';
}

/** What each task is called and asks. */
export const TASK_WORDS: Readonly<Record<TaskId, TaskWords>> = {
  newPen: {
    name: 'A new pen with crystals',
    begin: 'A new pen out of its box. The cap is dry and white salt sits round the tip.',
    aim: 'Get the probe ready, then check it in 7.00 and 4.01. Adjust it if it is off.',
  },
  foundGood: {
    name: 'Found good',
    begin: 'The weekly check. Fresh portions of 7.00 and 4.01 stand ready.',
    aim: 'Read both as found and write them down. Then do what is needed, and no more.',
  },
  cold16: {
    name: 'Two points at 16 °C',
    begin: 'The room and the cups are at 16 °C. This pen lets you step the value up or down.',
    aim: 'Check it in 7.00 and 4.01 and adjust it to what each cup is at 16 °C.',
  },
  sachets: {
    name: 'Three powder sachets',
    begin: 'Three empty cups, three powder sachets: 6.86, 4.00 and 9.18.',
    aim: 'Dissolve each in its water, then calibrate the pen in all three.',
    caution: 'powder',
  },
  trimScrew: {
    name: 'The trim screw',
    begin: 'An older pen with a small screw, in a room at 12 °C. One cup: 7.00.',
    aim: 'Turn the screw until the pen is right.',
  },
  twoDials: {
    name: 'Two dials',
    begin: 'A meter with a zero dial and a slope dial. Both are off.',
    aim: 'Set both dials in 7.00 and 4.01 until both cups hold.',
  },
  tooEarly: {
    name: 'Not too early',
    begin: 'A slow probe. This pen takes whatever it sees when its button is held.',
    aim: 'Calibrate it in 7.00 and 4.01.',
  },
  swapped: {
    name: 'Something about the cups',
    begin: 'Somebody else has poured the two cups for you.',
    aim: 'Check the pen in 7.00 and 4.01 and adjust it. Look at the numbers as you go.',
  },
  expired: {
    name: 'The old bottle',
    begin:
      'The 7.00 was poured from a bottle that has been open since spring. A new bottle is on the shelf.',
    aim: 'Check the pen and adjust it.',
  },
  greasyCell: {
    name: 'A greasy EC face',
    begin: 'An EC pen that has been in every hand. Standard: 2.77 mS/cm.',
    aim: 'Find out why it is off, and put it right.',
  },
  bubble: {
    name: 'A bubble',
    begin: 'An EC pen and its standard, 2.77 mS/cm.',
    aim: 'Check it. Adjust it only if the pen itself is off.',
  },
  pureWater: {
    name: 'Stored in pure water',
    begin:
      'Somebody filled the cap with distilled water, days ago. Readings were made with this pen.',
    aim: 'Find how far off it is, bring the probe back, and check it again.',
  },
  oldSlow: {
    name: 'Old and slow',
    begin: 'A probe in its second year. It takes minutes to settle.',
    aim: 'Read it in 7.00 and 4.01. Then decide: keep it, or fit a new probe?',
    asks: 'What now?',
    choices: { keep: 'Keep it and adjust it', retire: 'Retire it and fit a new probe' },
  },
  lookBack: {
    name: 'What about last week?',
    begin: 'The last good check was 8 days ago. The readings since then are listed below.',
    aim: 'Check the pen. Then say what the reading of three days ago really was.',
    asks: 'What was the reading of three days ago, really?',
  },
  hardWater: {
    name: 'Hard water and a jar test',
    begin: 'A tank of 100 L hard water at pH 7.8, and 1 L of it in a jar. Nitric acid 38 %.',
    aim: 'Find with the jar what the tank needs. Then pour it, in steps, to between 5.6 and 6.4 pH.',
    caution: 'acid',
  },
  chasing: {
    name: 'Patience',
    begin: 'A tank of 200 L feed that is too high. Acid and base stand beside it.',
    aim: 'Bring it to between 5.6 and 6.2 pH.',
    caution: 'acid',
  },
  tapWater: {
    name: '“It reads 7 in tap water”',
    begin: 'A colleague held the pen in tap water. It shows about 7, so it must be right.',
    aim: 'Is the pen right? Find out.',
    asks: 'Is this pen right?',
    choices: {
      itReads7: 'Yes, it shows 7 in tap water',
      bufferOnly: 'Only a buffer can tell',
    },
  },
};

/** What of a task must be read at a real bench. */
export const PRACTICE_CAUTIONS = {
  acid: 'For real: goggles and gloves. Acid into plenty of water, never water into acid. Never acid and base together. One product at a time.',
  solvent:
    'For real: alcohol burns. Air the room, no flames, gloves. Only where the maker of the probe allows it.',
  powder:
    'For real: no food near powders, wash your hands, label every vessel. Never use a drinking bottle.',
} as const;

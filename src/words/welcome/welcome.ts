import type { Told } from '../told';

/** The first minutes. */
export const welcomeSays = {
  step1: 'Step 1 of 3',
  whichPenIsInYourHand: 'Which pen is in your hand?',
  nearestWillDo: 'The nearest will do; every detail can be changed later.',
  this: 'This',
  bandOf: ({
    phLow,
    phHigh,
    ecLow,
    ecHigh,
    ecUnit,
  }: Told<'phLow' | 'phHigh' | 'ecLow' | 'ecHigh' | 'ecUnit'>) =>
    `pH ${phLow} to ${phHigh}, EC ${ecLow} to ${ecHigh} ${ecUnit}`,
  onToTheFirstReading: 'On to the first reading',
  step2: 'Step 2 of 3',
  whichTankStandsBeforeYou: 'Which tank stands before you?',
  name: 'Name',
  cropAndStage: 'Crop and stage',
  publishedRange: (band: string) =>
    `${band}. A published range to start from; your adviser’s numbers win.`,
  yourRoundStartsHere: 'Your round starts here.',
  aNumberOnAPenIs:
    'A number on a pen is an estimate made by an ageing instrument. Zolder knows how far each pen is off. For every tank it shows the true value with its ±, and whether to act.',
  setUpYourOwn: 'Set up your own',
  setUpText: 'A pen, a tank, a first reading: under three minutes.',
  demoText: 'A made-up glasshouse with seven months behind it. Nothing there touches your book.',
  everythingStaysOnThisDevice: 'Everything stays on this device. Nothing is sent anywhere.',
} as const;

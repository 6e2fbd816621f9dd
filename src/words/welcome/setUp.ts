import type { Told } from '../told';

/** The first pen and the first tank. */
export const setUpSays = {
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
} as const;

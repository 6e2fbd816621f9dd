import type { Told } from '../told';

/** Read: taking a reading. */
export const readSays = {
  noTankYet: 'No tank yet.',
  readWhichTank: 'Read which tank?',
  addAPenFirst: 'Add a pen first.',
  whyAPen: 'A reading is worth what its pen is worth, so Zolder has to know which one it was.',
  sameDigits: 'The same digits as the last three times. Is the display held? Stir and look again.',
  dippedBefore: (written: string) => `Dipped before: ${written}. The mean counts.`,
  dropThem: 'Drop them',
  dropDipsOf: (name: string) => `Drop the earlier dips of ${name}`,
  ecAt25C: (ecUnit: string) => ` ${ecUnit} at 25 °C`,
  bandNothingRead: ({ low, high, unit }: Told<'low' | 'high' | 'unit'>) =>
    `Band ${low} to ${high}${unit}; nothing read yet.`,
  keepIt: 'Keep it',
  save: 'Save',
  title: (name: string) => `Read · ${name}`,
  lastRead: (atMs: string) => `Last read ${atMs}. `,
  howToRead: (lastRead: string) =>
    `${lastRead}Stir, rinse, submerge to the line, wait until still.`,
  ec: 'EC',
  whenIs: (moment: string) => `When: ${moment}`,
  whatIs: (sample: string) => `What: ${sample}`,
  dipPhAgain: 'Dip pH again',
  dipEcAgain: 'Dip EC again',
  levelLaboratoryNote: 'Level, laboratory, note',
  now: 'Now',
  orAt: 'Or at',
  momentMessage: 'A day and time that has been.',
  whatIsRead: 'What is read',
  setItsBand: 'Set its band',
  inTheTank: 'In the tank',
  laboratorysPh: 'Laboratory’s pH',
  laboratorysEc: 'Laboratory’s EC',
} as const;

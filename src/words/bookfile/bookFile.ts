import { counted } from '../counted';

/** Keeping a copy, taking in a file, moving to a new phone. */
export const bookFileSays = {
  tables: 'Tables of other programs',
  tablesHint: 'Readings and old checks come in as CSV, and leave as tables or a calendar.',
  takeInATable: 'Take in a table',
  takeOut: 'Take out tables',
  keepACopy: 'Keep a copy',
  whatGoesIn:
    'Everything in this book goes into one file: every reading as it was displayed, every check, every change with who made it. Its form is published with Zolder, so it can be read without it.',
  fileMade: (made: string) =>
    `File made and read back: ${made}. Look in your downloads, and keep it somewhere other than on this device.`,
  takeInAFile: 'Take in a file',
  aFileOfThisBookFrom:
    'A file of this book from another phone is joined with this one. Nothing is lost on either side, and taking it in twice changes nothing. You see what it brings before anything is written.',
  bookFileLabel: 'A .zolder.json file',
  reading: (percent: number) => `Reading the file: ${percent} %`,
  taking: (percent: number) => `Taking it in: ${percent} %`,
  nothingWasWritten: 'Nothing was written.',
  whatItBrings: 'What it brings',
  takeItIn: 'Take it in',
  takenIn: (count: number) => `Taken in. ${counted(count, 'entry')} added.`,
  movingToANewPhone: 'Moving to a new phone',
  saveTheBookAsAFile:
    '1. Save the book as a file here. 2. Send that file to the new phone, by cable, mail or a memory card. 3. Open Zolder there, go to this page and take it in. To go on with both phones, take in each other’s file now and then: both end up with the same book.',
  changedOnBothSides: 'Changed on both sides',
  countChangedOnBothSides: (count: number) => `${count} changed on both sides`,
  untilYouChoose:
    'Until you choose, the newest is shown. What is not chosen stays readable in the record.',
  keepHead: (head: string) => `Keep ${head}`,
  keepHeadFor: (head: string, name: string) => `Keep ${head} for ${name}`,
  keepTheNewestOfEach: 'Keep the newest of each',
} as const;

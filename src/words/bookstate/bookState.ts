import { counted } from '../counted';
import type { Told } from '../told';

/** State of the book: what is damaged, dates ahead of the clock, what went wrong. */
export const bookStateSays = {
  lookingAtTheBook: 'Looking at the book',
  allSound: 'Nothing is damaged, and every date is in order.',
  canBeRead: (entries: string, findings: string) => `${entries} can be read. ${findings}`,
  theBrowserGivesNoStorage: 'The browser gives no storage.',
  whatYouWriteIsKeptUntil:
    'What you write is kept until this page is closed. Save the book as a file before, and take it in again next time.',
  whatTheFileHolds:
    'The file holds everything readable, and what could not be read as it was found, for somebody who can mend it. A sound file of the same book, taken in here, brings back what is missing.',
  momentLike: 'Like 2026-07-31 07:30.',
  laterThanNow: 'That is later than this device’s clock says it is now.',
  theDatesArePutRight: 'The dates are put right.',
  deviceSays: ({ day, year, time }: Told<'day' | 'year' | 'time', string | number>) =>
    `This device says it is now ${day} ${year}, ${time}.`,
  whichClockWasWrong: 'Which clock was wrong?',
  theClockItWasWrittenBy: 'the clock it was written by',
  theClockTheyWereWrittenBy: 'the clock they were written by',
  deviceClockHint: 'this device’s clock is right now',
  deviceClockNow: 'this device’s clock, now',
  setClockRight:
    'Set the clock of this device right in its own settings. The entries count again by themselves as soon as it is right.',
  whenWasItReallyWritten: 'When was it really written?',
  whenNewestWritten: 'When was the newest of them really written?',
  allMovedAlike: 'All of them are moved by the same time. ',
  itSays: (moment: string, allMoved: string) =>
    `It says ${moment}. ${allMoved}What stood there before stays readable.`,
  putItsDateRight: 'Put its date right',
  putDatesRight: (count: number) => `Put the dates of ${counted(count, 'entry')} right`,
  whatWentWrong: 'What went wrong',
  nothingHasGoneWrongOnThis: 'Nothing has gone wrong on this device.',
  saveWhatWentWrong: 'Save what went wrong',
  troubleFileHint:
    'For somebody who helps you. It holds no reading and no name, and is sent nowhere.',
} as const;

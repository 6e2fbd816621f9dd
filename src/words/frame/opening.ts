/** Opening the book, and when it does not open. */
export const openingSays = {
  bookGone: 'Your book is gone from this device.',
  itHeld: (count: string) => `It held ${count}`,
  thereWasABook: 'There was a book at this address',
  lastWritten: (day: string, time: string) => `; the last was written on ${day} at ${time}.`,
  whatWasHeld: (held: string, lastWritten: string) =>
    `${held}${lastWritten} The browser, or somebody, emptied its storage.`,
  secondCopyHolds: (inCopy: string) =>
    `The second copy on this device still holds ${inCopy} of the last month.`,
  bringBack: (inCopy: string) => `Bring back ${inCopy}`,
  fileBringsBack: 'A saved file of the book brings everything back that was in it.',
  takeInASavedFile: 'Take in a saved file',
  beginANewEmptyBook: 'Begin a new, empty book',
  notAnswered: 'it has not answered for half a minute. Another tab may hold the storage.',
  openingTheBook: 'Opening the book',
  nothingFound: 'Nothing of a book could be found in this browser’s storage.',
  damagedIncluded: ' Damaged parts are in it as they were found.',
  fileMade: (entries: string, damaged: string) =>
    `File made with ${entries}: look in your downloads.${damaged}`,
  nothingReadable: (error: string) => `Nothing could be read: ${error}`,
  theBookDidNotOpen: 'The book did not open.',
  nothingChanged: 'Nothing was changed. What is in the storage stays there.',
  saveEverythingReadableAsAFile: 'Save everything readable as a file',
  goOnWithoutStorage: 'Go on without storage',
  withoutStorage:
    'Without storage Zolder works until this page is closed; then everything is gone that was not saved as a file.',
  backToTheRound: 'Back to the Round',
} as const;

/** One entry of the Book, amended or voided. */
export const entrySays = {
  loadingTheEntry: 'Loading the entry',
  noSuchEntry: 'No such entry',
  notInBook: 'It is not in this book. Nothing has changed.',
  tank: 'Tank',
  amend: 'Amend',
  void: 'Void',
  voided: 'Voided: it counts no more. What it said stands below.',
  whatItSaidNewestFirst: 'What it said, newest first',
  whyMissing: 'A word on what was wrong, for who reads it.',
  amendTheEntry: 'Amend the entry',
  whatShouldItSay: 'What should it say?',
  whatAmendMeans: 'What was typed first stays readable, with this beside it.',
  why: 'Why?',
  whyAmendHint: 'typed the wrong digit, wrong tank…',
  voidTheEntry: 'Void the entry',
  itShouldNeverHaveBeen: 'It should never have been?',
  whatVoidMeans:
    'Once voided it counts nowhere any more. It stays readable in the Book, with who, when and why.',
  whyVoidHint: 'booked twice, wrong cup…',
} as const;

/** What the doses of a tank taught. */
export const learnedSays = {
  loadingWhatWasLearned: 'Loading what was learned',
  forgetAllStartAfresh: 'Forget all, start afresh',
  title: (name: string) => `What ${name} taught`,
  nothingYet: 'Read it, and what it is believed to hold stands here.',
  eachReadingAfterADoseIs:
    'Each reading after a dose is set beside what was expected of it; what fits counts for more from then on. It is carried to the next days and fades slowly; a whole change forgets it. Leave a dose out when you know of something that spoiled it: a top-up not booked, a pump that stood.',
  doses: 'Doses',
  countIt: 'Count it',
  leaveItOut: 'Leave it out',
  count: 'Count',
  leaveOut: 'Leave out',
  theDoseOf: (what: string, moment: string) => `${what} the dose of ${moment}`,
} as const;

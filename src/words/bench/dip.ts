/** The Bench with the pen in a cup: what it shows, the watch, an error on its display. */
export const dipSays = {
  itTook: 'It took',
  itShows: 'It shows',
  leave: 'Leave',
  leaveSittingKept: 'Leave the Bench; the sitting is kept',
  tryNumber: (attempt: number) => `Try ${attempt}. A second try usually lands closer.`,
  shouldShow: 'should show',
  adjustNow: 'Adjust now.',
  typeWhatItShows: 'Type what it shows.',
  itEndedNotSeen: 'It ended, not seen',
  stillFor30S: (whenStill: string) => `Still for 30 s. ${whenStill}`,
  holdStillTouchNothing: 'Hold still; touch nothing.',
  startWatchInCup: 'Start the watch when it is in the cup.',
  settledIn: (settleS: number) => `settled in ${settleS} s`,
  itMoved: 'It moved',
  neverStill: {
    ph: 'It does not come to rest. Let cup and probe come to one temperature; then clean the probe, soak it, suspect the buffer, suspect the probe.',
    ec: 'It does not come to rest. Tap off bubbles, let cup and probe come to one temperature; then clean the face, pour a fresh portion.',
  },
  startWatch: 'In the cup: start 30 s',
  seenValueTypedBelow: 'Seen: the value typed below',
  thePenShowsAnError: 'The pen shows an error',
  whatErrorMeans: (cup: string) =>
    `Nearly always one of three. Pressed while it still moved: wait until the watch says still. The wrong cup: is this the ${cup}? Or a dirty or dry probe, too far off to be taken.`,
} as const;

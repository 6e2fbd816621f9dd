/** The Bench with the pen in a cup: what it shows, the watch, an error on its display. */
export const dipSays = {
  liveRecords: 'Values come live. It is recorded by itself once it stands still.',
  liveWaits: 'Values come live. Adjust the pen, then record what it shows.',
  connect: 'Connect the demo’s pen',
  disconnect: 'Disconnect the demo’s pen',
  connected: 'A simulated pen tells its display. It stands in this cup by itself.',
  record: (shown: string) => `Record ${shown}`,
  recordNothing: 'Record…',
  leave: 'Leave',
  leaveSittingKept: 'Leave the Bench; the sitting is kept',
  secondTry: 'Second try. It usually lands closer.',
  thirdTry: 'Third try. If it misses again, pour a fresh portion.',
  laterTry: (attempt: number) => `Try number ${attempt}. If it misses again, suspect the probe.`,
  shouldShow: 'should show',
  adjustNow: 'Adjust now.',
  typeWhatItShows: 'Type what the pen shows.',
  itEndedNotSeen: 'It ended before I saw the value',
  stillFor30S: (whenStill: string) => `Still for 30 s. ${whenStill}`,
  holdStillTouchNothing: 'Hold still; touch nothing.',
  startWatchInCup: 'Start the watch when the pen is in the cup.',
  settledIn: (settleS: number) => `settled in ${settleS} s`,
  itMoved: 'The number moved',
  neverStill: {
    ph: 'The display does not come to rest. Let cup and probe come to one temperature. Then clean the probe; soak it; suspect the buffer; suspect the probe.',
    ec: 'The display does not come to rest. Tap off bubbles; let cup and probe come to one temperature. Then clean the face and pour a fresh portion.',
  },
  startWatch: 'In the cup: start 30 s',
  noteAndWait: 'Note this number and keep waiting',
  thePenShowsAnError: 'The pen shows an error',
  itShowedError: (text: string) => `It showed ${text}: keep that`,
  anotherError: 'Another error, as it stands on the display',
  keepError: 'Keep this error',
  errorsKept: (texts: string) => `Kept with this check: ${texts}.`,
  whatErrorMeans: (cup: string) =>
    `Nearly always one of three. The button was pressed while the number still moved: wait until the watch says still. The wrong cup: is this the ${cup}? Or a dirty or dry probe, too far off to be taken.`,
} as const;

/** Which try of a point this is; nothing at the first. */
export function tryLine(attempt: number): string {
  if (attempt <= 1) return '';
  if (attempt === 2) return dipSays.secondTry;
  return attempt === 3 ? dipSays.thirdTry : dipSays.laterTry(attempt);
}

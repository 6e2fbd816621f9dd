/** Why a stop of the Round was passed by. */
export const SKIP_REASONS = [
  'noTime',
  'nothingAtHand',
  'notHere',
  'onPurpose',
  'doneByOther',
] as const;

export type SkipReason = (typeof SKIP_REASONS)[number];

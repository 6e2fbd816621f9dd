import type { TolerancePolicy } from '@/core/calibration';
import type { CheckDue, CheckPolicy, ForcingEvent, PenWord } from '@/core/schedule';
import type { Tone } from './verdictWords';

/** A pen's state in a word. */
export const PEN_WORD: Readonly<Record<PenWord, string>> = {
  ready: 'Ready',
  checkDue: 'Check due',
  cantBeTrusted: 'Can’t be trusted',
  unverified: 'Not checked yet',
  soaking: 'Soaking',
  resting: 'Resting',
  gone: 'No longer here',
};

/** Its tone. */
export const PEN_TONE: Readonly<Record<PenWord, Tone>> = {
  ready: 'fit',
  checkDue: 'attention',
  cantBeTrusted: 'off',
  unverified: 'attention',
  soaking: 'attention',
  resting: 'soft',
  gone: 'soft',
};

/** Why a pen is in that state, in one sentence. */
export const PEN_REASON: Readonly<Record<PenWord, string>> = {
  ready: 'Its last check was good, and the next one is not due yet.',
  checkDue: 'The time you chose between checks has passed.',
  cantBeTrusted: 'How far off it is cannot be told well enough any more. Check it.',
  unverified:
    'It has never been in a buffer here. Until its first check only the maker’s accuracy is known.',
  soaking: 'The probe is in its soak. It is ready when the time is up.',
  resting: 'It is put away. Check it before it is used again.',
  gone: 'It is not offered any more, and nothing is due. Its records stay.',
};

/** What to look at where a pen's numbers are none that a working pen has. */
export const BROKEN_REASON =
  'It is broken, or a dip of its check was noted wrongly. Look for a cracked bulb, a dry reference, cups that were swapped, the wrong scale, an empty battery; then soak, clean and check it anew, or mend that check in the Book.';

/** Why a pen is no longer there. */
export const GONE_WORD = { lost: 'Lost', sold: 'Sold', broken: 'Broken' } as const;

/** The other reason why a pen can’t be trusted. */
export const LEFT_OUT_REASON = 'Its last check failed and it was not adjusted.';

/** Which school a tolerance follows. */
export const TOLERANCE_WORD: Readonly<Record<TolerancePolicy, string>> = {
  laboratory: 'laboratory',
  normal: 'normal',
  relaxed: 'relaxed',
};

/** What happened to a pen, as the reason for a check. */
export const EVENT_WORD: Readonly<Record<ForcingEvent, string>> = {
  cleaned: 'it was cleaned, and cleaning moves the reading',
  newProbe: 'it has a new probe',
  newBattery: 'it has a new battery',
  knock: 'it had a knock',
  dryOut: 'its probe had dried out',
  pureWater: 'its probe stood in pure water',
  wetElectronics: 'it got wet inside',
  weeksInFeed: 'its probe stood in feed for weeks',
};

/** Each school of checking, as the reason for a date. */
export const POLICY_WORD: Readonly<Record<CheckPolicy, string>> = {
  everyUse: 'you check it before every use',
  daily: 'you check it every day',
  weekly: 'you check it every week',
  weeklyAdjust: 'you check and adjust it every week',
  monthly: 'you check it every 30 days',
  quarterly: 'you check it every 90 days',
  afterUses: 'you check it after so many readings',
  ownDrift: 'from how this pen drifts; weekly until there are two checks',
  onlyWhenDoubted: 'you check it only when in doubt',
};

/** Two pens that read one sample too far apart. */
export const disagreeWords = ({ withCode }: { readonly withCode: string }) =>
  `in one tank it disagreed with ${withCode}, which is the surer one`;

/** Why a check is due, where it is not simply the calendar. */
export function dueReason(due: CheckDue): string | undefined {
  switch (due.reason) {
    case 'event':
      return `Check due: ${EVENT_WORD[due.event]}.`;
    case 'unused':
      return 'Check due after thirty days unused.';
    case 'uses':
      return 'Check due: it has been used as often as you allow between checks.';
    case 'off':
      return 'It is out of tolerance. Readings are corrected; adjust it.';
    case 'disagrees':
      return `Check due: ${disagreeWords(due)}.`;
    case 'ownDrift':
      return 'By its own drift it may be out of tolerance from that day on.';
    default:
      return undefined;
  }
}

import { HOUR_MS } from '@/core/units';
import { counted } from '../counted';
const DAY_HOURS = 24;

/** "2 hours", "3 days": how long a sitting was left. */
function leftFor(agoMs: number): string {
  const hours = Math.round(agoMs / HOUR_MS);
  if (hours < 2 * DAY_HOURS) return counted(hours, 'hour');
  return counted(Math.round(hours / DAY_HOURS), 'day');
}

/** A sitting that was left, and a pen that switched itself off. */
export const ageingSays = {
  leftFor: (code: string, agoMs: number) => `This check of ${code} was left ${leftFor(agoMs)} ago.`,
  leftHint:
    'Portions that stood open have changed, and the pen may have switched itself off. Pour fresh ones and go on, or begin anew.',
  stillAt: (temp: string) => `Are the cups at ${temp} again?`,
  stillAtHint: 'all that is shown is judged for this',
  otherHint: 'then what was found is kept, and the rest begins anew',
  didItSwitchOff: 'Did the pen switch itself off?',
  itLostPoints: 'it begins again at the first point; what was found stays',
  goOn: 'Go on',
  over: 'After a day a check is not gone on with: the pen, its portions and their temperature are others.',
  foundStays: (when: string) =>
    `What was found on ${when} is worth keeping. It is booked for that time.`,
  keepFound: 'Keep it, begin anew',
  beginAnew: 'Begin anew',
  discard: 'Discard the check',
  beginAnewOrDiscard: 'Begin anew, or discard this check',
  switchedOff: 'The pen switched itself off',
  offLost: (first: string) =>
    `It was off: its points are gone. Switch it on and begin again with the ${first}. What was found stays.`,
  offKept: 'It was off: nothing is lost. Switch it on, wait until it measures, and go on.',
  offIn: (minutes: number) => `It switches itself off in about ${minutes} min.`,
  offSoon: 'It switches itself off within a minute: wake it.',
  offByNow: 'It may have switched itself off by now.',
} as const;

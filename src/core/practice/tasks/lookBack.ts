import { onDisplay, trueErrorPh, type World } from '../../simulated-pen';
import type { Question, RecordRow } from '../kinds';
import { between } from './tanks';

/** Days since the last check that a look-back goes over, and the reading that is asked about. */
const LOOK_BACK_DAYS = 8;
const ASKED_DAYS_AGO = 3;

/** The readings since the last good check, as they were shown and as they truly were. */
export function recordOf(start: World): readonly RecordRow[] {
  const nowOff = trueErrorPh(start, 6);
  return [7, 5, ASKED_DAYS_AGO, 1].map((daysAgo, at) => {
    const truePh = 5.9 + between(start.seed, 20 + at, 0, 0.3);
    const off = (nowOff * (LOOK_BACK_DAYS - daysAgo)) / LOOK_BACK_DAYS;
    return { daysAgo, truePh, shownPh: onDisplay(truePh + off, 0.01) };
  });
}

/** What the asked reading was: as shown, as far off as the pen is today, or in between as it drifted. */
export function lookBackQuestion(start: World): readonly Question[] {
  const row = recordOf(start).find(({ daysAgo }) => daysAgo === ASKED_DAYS_AGO)!;
  const now = trueErrorPh(start, 6);
  const drifted = (now * (LOOK_BACK_DAYS - ASKED_DAYS_AGO)) / LOOK_BACK_DAYS;
  const text = (ph: number) => ph.toFixed(1);
  const right = text(row.shownPh - drifted);
  const choices = [...new Set([text(row.shownPh), right, text(row.shownPh - 1.6 * now)])];
  return [{ id: 'whatWasIt', choices, right }];
}

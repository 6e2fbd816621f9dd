import { DAY_MS } from '../units';
import type { HouseDays } from './houseDays';

/** A house in UTC without summer time, for hand calculations. */
export const utcDays: HouseDays = {
  startOfDayMs: (atMs) => Math.floor(atMs / DAY_MS) * DAY_MS,
  dayAfterMs: (atMs, days) => (Math.floor(atMs / DAY_MS) + days) * DAY_MS,
};

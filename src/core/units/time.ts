/** Spans of time, ms. A day of 24 hours: for calendar days, which summer time makes longer or shorter, use dates. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;

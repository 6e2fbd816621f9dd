/** The moment and place an act happens: the worker has no clock of its own. */
export interface Moment {
  readonly nowMs: number;
  readonly zone: string;
}

/** The time zone this device is set to, such as Europe/Lisbon; the first asking is slow. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

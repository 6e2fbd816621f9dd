import { MINUTE_MS } from '../units';

/** Two readings agree within this, or one digit of the pen, pH. */
const AGREE_PH = 0.05;

/** They lie at least this far apart, minutes. */
const AGREE_MINUTES = 5;

/** A first re-reading is proposed no later than this after a dose, minutes. */
const FIRST_REREAD = { least: 10, most: 30, turnovers: 3 } as const;

/** A tank above this with an unknown pump is given the whole time, L. */
const SMALL_TANK_L = 50;

/** How a dose is waited for: until the first re-reading, and from it to the second, minutes. */
export interface Mixing {
  readonly firstMinutes: number;
  readonly betweenMinutes: number;
}

/**
 * The wait after a dose: the longer of ten minutes and three turnovers of the pump, at most thirty;
 * where three turnovers take longer, the two readings lie at least half a turnover apart. `pumpLPerHour`
 * absent: unknown.
 * `mixingOf(120, 600).firstMinutes // => 30`
 */
export function mixingOf(volumeL: number, pumpLPerHour?: number): Mixing {
  const { least, most, turnovers } = FIRST_REREAD;
  if (pumpLPerHour === undefined || !(pumpLPerHour > 0))
    return {
      firstMinutes: volumeL > SMALL_TANK_L ? most : least,
      betweenMinutes: AGREE_MINUTES,
    };
  const turnoverMinutes = (60 * volumeL) / pumpLPerHour;
  const wanted = turnovers * turnoverMinutes;
  return {
    firstMinutes: Math.min(Math.max(wanted, least), most),
    betweenMinutes: wanted > most ? Math.max(AGREE_MINUTES, turnoverMinutes / 2) : AGREE_MINUTES,
  };
}

/** A re-reading of a tank. */
export interface ReReading {
  readonly atMs: number;
  readonly ph: number;
  readonly digitPh: number;
}

/**
 * Whether two readings lie so near one another that nothing moved between them.
 * `isNear({ atMs: 0, ph: 5.37, digitPh: 0.01 }, { atMs: 0, ph: 5.42, digitPh: 0.01 }) // => true`
 */
export function isNear(one: ReReading, other: ReReading): boolean {
  const most = Math.max(AGREE_PH, one.digitPh, other.digitPh);
  // A hair more: 5.37 and 5.42 are five hundredths apart, whatever binary fractions say.
  return Math.abs(one.ph - other.ph) <= most + 1e-9;
}

/** Whether the later of two readings agrees with the earlier. */
export const agrees = (
  earlier: ReReading,
  later: ReReading,
  { betweenMinutes }: Pick<Mixing, 'betweenMinutes'>,
): boolean => later.atMs - earlier.atMs >= MINUTE_MS * betweenMinutes && isNear(earlier, later);

/**
 * Place of the newest reading that agrees with an earlier one beside it; −1 without any. Rising
 * times.
 */
export function newestAgreed(
  readings: readonly ReReading[],
  mixing: Pick<Mixing, 'betweenMinutes'>,
): number {
  for (let later = readings.length - 1; later > 0; later -= 1) {
    for (let earlier = later - 1; earlier >= 0; earlier -= 1) {
      if (!isNear(readings[earlier]!, readings[later]!)) break;
      if (agrees(readings[earlier]!, readings[later]!, mixing)) return later;
    }
  }
  return -1;
}

import type { Verdict } from '../verdict';

/** Which side of its band a verdict speaks for. */
export type VerdictSide = 'low' | 'in' | 'high' | 'unsure';

const SIDE: Readonly<Record<Verdict, VerdictSide>> = {
  low: 'low',
  probablyLow: 'low',
  in: 'in',
  probablyIn: 'in',
  high: 'high',
  probablyHigh: 'high',
  cantTell: 'unsure',
  tooPure: 'unsure',
  noBand: 'unsure',
};

/** The side a verdict speaks for; "probably in" and "in" are one. */
export function sideOfVerdict(verdict: Verdict): VerdictSide {
  return SIDE[verdict];
}

/** A value with its ± and verdict, as it was or as it is. */
export interface JudgedThen {
  readonly value: number;
  readonly expandedU: number;
  readonly verdict: Verdict;
}

/** One reading taken between the two checks. */
export interface LookBackReading {
  readonly id: string;
  readonly atMs: number;
  /** What the grower saw when it was saved. */
  readonly then: JudgedThen;
  /** What it is worth now that the next check is known. */
  readonly now: JudgedThen;
  /** The middle of its band: what a dose would have aimed at. */
  readonly aim: number;
  /** A dose was made on it. */
  readonly dosed: boolean;
}

/** A reading with what became of it. */
export interface LookBackRow extends LookBackReading {
  /** Then − now: how far the grower was misled. */
  readonly error: number;
  /** Its verdict speaks for another side of the band now. */
  readonly turned: boolean;
  /** A dose was made that was not needed, or one that differs by more than a quarter. */
  readonly doseWrong: boolean;
  /** How much of what was poured would have been right; absent where nothing was poured. */
  readonly rightDose?: RightDose | undefined;
}

/** What would have been right instead of a dose: a share of it, nothing, or the other way. */
export type RightDose =
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'nothing' }
  | { readonly kind: 'otherWay' }
  | { readonly kind: 'unknown' };

/** What a check found out about the readings before it. */
export interface LookBack {
  /** Newest first. */
  readonly rows: readonly LookBackRow[];
  readonly turnedCount: number;
  readonly wrongDoseCount: number;
  /** The row that was furthest off; absent without readings. */
  readonly worst?: LookBackRow | undefined;
}

/** A dose counts as wrong when what was needed differs by more than this share. */
export const DOSE_TOLERANCE_REL = 0.25;

/** Whether a dose on this reading was wrong: judged by the way to the aim, which a dose is made for. */
function doseWrong({ dosed, then, now, aim }: LookBackReading): boolean {
  if (!dosed) return false;
  const side = sideOfVerdict(now.verdict);
  if (side === 'in' || side !== sideOfVerdict(then.verdict)) return true;
  const [wanted, needed] = [then.value - aim, now.value - aim];
  return Math.abs(needed - wanted) > DOSE_TOLERANCE_REL * Math.abs(wanted);
}

/**
 * What would have been right instead of what was poured on a reading: by proportion of the way to the
 * aim, which near an aim is what the chemistry says to a few percent.
 */
export function rightDose({ then, now, aim }: LookBackReading): RightDose {
  const side = sideOfVerdict(now.verdict);
  if (side === 'in') return { kind: 'nothing' };
  const [poured, needed] = [then.value - aim, now.value - aim];
  if (side === 'unsure' || poured === 0) return { kind: 'unknown' };
  const share = needed / poured;
  return share <= 0 ? { kind: 'otherWay' } : { kind: 'share', share };
}

/**
 * Which readings between two checks turn out different, how far the grower was misled at most, and
 * which doses were made on a wrong number. Order of the readings does not matter.
 */
export function lookBack(readings: readonly LookBackReading[]): LookBack {
  const rows = [...readings]
    .sort((a, b) => b.atMs - a.atMs || (a.id < b.id ? -1 : 1))
    .map((reading): LookBackRow => {
      const { then, now } = reading;
      const turned = sideOfVerdict(then.verdict) !== sideOfVerdict(now.verdict);
      // Copied by `assign`: over a hundred thousand readings a spread takes ten times as long.
      return Object.assign(
        {
          error: then.value - now.value,
          turned,
          doseWrong: doseWrong(reading),
          rightDose: reading.dosed ? rightDose(reading) : undefined,
        },
        reading,
      );
    });
  const worst = rows.reduce<LookBackRow | undefined>(
    (most, row) => (most && Math.abs(most.error) >= Math.abs(row.error) ? most : row),
    undefined,
  );
  return {
    rows,
    turnedCount: rows.filter((row) => row.turned).length,
    wrongDoseCount: rows.filter((row) => row.doseWrong).length,
    worst,
  };
}

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
  /** What a dose aimed at: the middle of its band where nothing else was asked. */
  readonly aim: number;
  /** How much of what was poured the chemistry of that day asked for; by the way to the aim where absent. */
  readonly rightShare?: number | undefined;
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
type RightDose =
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
const DOSE_TOLERANCE_REL = 0.25;

/**
 * What of a dose its reading asked for in truth: as the chemistry says, else by proportion of the way
 * to the aim (for water and stock that is exact).
 */
function shareOf({ then, now, aim, rightShare }: LookBackReading): number | undefined {
  if (rightShare !== undefined) return rightShare;
  return then.value === aim ? undefined : (now.value - aim) / (then.value - aim);
}

/** Whether a dose on this reading was wrong: not needed, or by much another amount. */
function doseWrong(reading: LookBackReading): boolean {
  if (!reading.dosed) return false;
  const side = sideOfVerdict(reading.now.verdict);
  if (side === 'in' || side !== sideOfVerdict(reading.then.verdict)) return true;
  const share = shareOf(reading);
  return share !== undefined && Math.abs(share - 1) > DOSE_TOLERANCE_REL;
}

/** What would have been right instead of what was poured on a reading. */
function rightDose(reading: LookBackReading): RightDose {
  const side = sideOfVerdict(reading.now.verdict);
  if (side === 'in') return { kind: 'nothing' };
  const share = shareOf(reading);
  if (side === 'unsure' || share === undefined) return { kind: 'unknown' };
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

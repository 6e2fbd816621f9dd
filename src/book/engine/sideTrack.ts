import type { DriftCurvePoint, FoundNow } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { errorAt, errorBudget, stateAsToldThen, stateAt, type PenTrack } from '@/core/drift';
import type { JudgedValue } from '@/core/readings';
import type { BookState, LiveRecord } from './bookState';
import { cropLever } from './penSide';
import { trackOf, trackWithFound } from './penTrack';
import { judgeSide, type ReadingContext } from './readingRow';
import type { PenId } from '@/records';

/** Judges a reading by what is known of its pen at some point. */
export type Judge = (
  reading: LiveRecord<'reading'>,
  context: ReadingContext,
) => JudgedValue | undefined;

/** When a side was checked as found, and since when it is known. */
interface SideCheck {
  readonly atMs: number;
  readonly afterCleaning: boolean;
}

/** One side of a pen through time, a check under way included. */
export interface SideTrack {
  /** Its checks with an as-found dip, by time. */
  readonly checks: readonly SideCheck[];
  /** When the pen was first used or seen. */
  readonly beganMs: number;
  /** How far off it was at a moment, where the crops live, as known now: pH, or relative. */
  readonly errorAt: (atMs: number) => number;
  /** The same with its ±. */
  readonly pointAt: (atMs: number) => DriftCurvePoint;
  /** By everything that is known now. */
  readonly judgeNow: Judge;
  /** By what was known when the reading was taken. */
  readonly judgeThen: Judge;
}

/** Just before a check: what it found, not what it left. */
export const JUST_BEFORE_MS = 1;

function trackAsked(
  book: BookState,
  penId: PenId,
  { quantity, found }: { quantity: Quantity; found?: FoundNow | undefined },
): PenTrack | undefined {
  return found ? trackWithFound(book, penId, found) : trackOf(book, penId, quantity);
}

/** One side of a pen as the look-back needs it; undefined where the pen has none. */
export function sideTrack(
  book: BookState,
  penId: PenId,
  of: { quantity: Quantity; found?: FoundNow | undefined },
): SideTrack | undefined {
  const track = trackAsked(book, penId, of);
  if (!track) return undefined;
  const { quantity } = of;
  const lever = cropLever(quantity);
  return {
    checks: track.checks.filter(({ found }) => found.length > 0),
    beganMs: track.ends[0]!.atMs,
    errorAt: (atMs) => errorAt(stateAt(track, atMs), lever),
    pointAt: (atMs) => {
      const state = stateAt(track, atMs);
      const { expandedU } = errorBudget(state, lever);
      return { atMs, error: errorAt(state, lever), expandedU };
    },
    judgeNow: (reading, context) =>
      judgeSide(book, reading, { quantity, context, state: stateAt(track, context.atMs) }),
    judgeThen: (reading, context) =>
      judgeSide(book, reading, { quantity, context, state: stateAsToldThen(track, context.atMs) }),
  };
}

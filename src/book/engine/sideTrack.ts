import type { FoundNow } from '@/book/answers';
import { phErrorAt } from '@/core/calibration';
import { ecPenStateAt, makeEcTrack, makePhTrack, phPenStateAt } from '@/core/drift';
import { ecCheckOf, phCheckOf } from '@/core/procedure';
import type { JudgedValue } from '@/core/readings';
import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { breaksOf } from './penCare';
import { CROP_PH } from './penSides';
import { ecTrackOf, phTrackOf } from './penTrack';
import { judgeEc, judgePh, type ReadingContext } from './readingRow';

/** Judges a reading by what is known of its pen at some point. */
export type Judge = (
  reading: LiveRecord<'reading'>,
  context: ReadingContext,
) => JudgedValue | undefined;

/** When one check was, and what it tells. */
export interface SideCheck {
  readonly atMs: number;
  /** Error as found and as left, where the crops live: pH, or relative; undefined where not read. */
  readonly foundError: number | undefined;
  readonly leftError: number;
  readonly afterCleaning: boolean;
}

/** One side of a pen through time, a check under way included. */
export interface SideTrack {
  readonly checks: readonly SideCheck[];
  /** By all checks. */
  readonly judge: Judge;
  /** By the checks before one of them. */
  readonly judgeBefore: (index: number) => Judge;
}

interface Side {
  readonly penId: RecordId;
  readonly quantity: 'ph' | 'ec';
  readonly found?: FoundNow | undefined;
}

/** A check under way with its moment. */
function checkAt<C>({ atMs, afterCleaning }: FoundNow, check: C) {
  return { atMs, afterCleaning, ...check };
}

function phSide(book: BookState, { penId, found }: Side): SideTrack {
  const known = phTrackOf(book, penId);
  const check = found && phCheckOf(found.plan, found.events);
  const track =
    found && check
      ? makePhTrack([...known.checks, checkAt(found, check)], breaksOf(book, penId, 'ph'))
      : known;
  const judgeBy =
    (by: typeof track): Judge =>
    (reading, context) =>
      judgePh(book, reading, context, phPenStateAt(by, context.atMs));
  return {
    checks: track.checks.map(({ atMs, found: asFound, left, afterCleaning = false }) => ({
      atMs,
      foundError: asFound && phErrorAt(CROP_PH, asFound.map),
      leftError: phErrorAt(CROP_PH, left.map),
      afterCleaning,
    })),
    judge: judgeBy(track),
    judgeBefore: (index) => judgeBy(makePhTrack(track.checks.slice(0, index))),
  };
}

function ecSide(book: BookState, { penId, found }: Side): SideTrack {
  const known = ecTrackOf(book, penId);
  const check = found && ecCheckOf(found.plan, found.events);
  const track =
    found && check
      ? makeEcTrack([...known.checks, checkAt(found, check)], breaksOf(book, penId, 'ec'))
      : known;
  const judgeBy =
    (by: typeof track): Judge =>
    (reading, context) =>
      judgeEc(book, reading, context, ecPenStateAt(by, context.atMs));
  return {
    checks: track.checks.map(({ atMs, found: asFound, left, afterCleaning = false }) => ({
      atMs,
      foundError: asFound && asFound.gain - 1,
      leftError: left.gain - 1,
      afterCleaning,
    })),
    judge: judgeBy(track),
    judgeBefore: (index) => judgeBy(makeEcTrack(track.checks.slice(0, index))),
  };
}

/** One side of a pen as the look-back needs it. */
export function sideTrack(book: BookState, side: Side): SideTrack {
  return side.quantity === 'ph' ? phSide(book, side) : ecSide(book, side);
}

import type { RoundAnswer, RoundStop } from '@/book/answers';

/** Whose a stop is, by initials; undefined for everybody’s. */
function keeperOf(stop: RoundStop): string | undefined {
  if ('tank' in stop) return stop.tank.body.keptBy;
  return 'pen' in stop ? stop.pen.body.keptBy : undefined;
}

/** The Round of one person, and what of it is others’. */
export interface PersonsRound {
  readonly round: RoundAnswer;
  /** Stops that others look after, left out of it. */
  readonly others: number;
}

/**
 * The Round as the holder of this device walks it: their own stops and everybody’s. Nothing is left out
 * where nobody holds the device, or where they asked for all.
 */
export function ofPerson(
  round: RoundAnswer,
  { initials, all }: { readonly initials: string; readonly all: boolean },
): PersonsRound {
  if (initials === '') return { round, others: 0 };
  const mine = round.stops.filter((stop) => [undefined, initials].includes(keeperOf(stop)));
  const others = round.stops.length - mine.length;
  return { round: all ? round : { ...round, stops: mine }, others };
}

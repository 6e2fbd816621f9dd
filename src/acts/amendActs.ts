import type { BodyOf, Change, Kind } from '@/records';
import type { Session } from '@/records/kinds';
import { discard, revise, type Act, type Known } from './act';
import { portionsMoved, type KnownLot } from './benchActs';

/** Longest reason that is kept. */
export const WHY_MAX_LENGTH = 400;

const reason = (why: string) => ({ why: why.trim().slice(0, WHY_MAX_LENGTH) });

/** An entry as the screen knew it, with the lots it may have been poured from. */
export interface Entry<K extends Kind = Kind> {
  readonly kind: K;
  readonly known: Known;
  readonly body: BodyOf<K>;
  readonly lots: readonly KnownLot[];
}

/** The portions of a check that move with it; nothing for any other kind. */
function portions({ kind, body, lots }: Entry, after: BodyOf<Kind> | undefined): Change[] {
  return kind === 'session'
    ? portionsMoved(body as Session, after as Session | undefined, lots)
    : [];
}

/** What an amendment writes: the entry as it should have been, and what of the Shelf follows. */
export const amendment = <K extends Kind>(
  entry: Entry<K>,
  body: BodyOf<K>,
  why: string,
): Change[] => [
  { ...revise(entry.kind, entry.known, body), ...reason(why) },
  ...portions(entry as Entry, body),
];

/** What voiding writes: the entry counts no more, and what it took from the Shelf comes back. */
export const voiding = <K extends Kind>(entry: Entry<K>, why: string): Change[] => [
  { ...discard(entry.kind, entry.known), ...reason(why) },
  ...portions(entry as Entry, undefined),
];

/** An entry that was wrong says something else; the old one stays readable, with who, when and why. */
export const amend = (changes: readonly Change[], told: string): Act => ({
  done: { what: 'amended', told },
  changes,
});

/** An entry that never should have been counts no more; it stays readable, with who, when and why. */
export const voidEntry = (changes: readonly Change[], told: string): Act => ({
  done: { what: 'voided', told },
  changes,
});

import type { BodyOf, Kind } from '@/records';
import { discard, revise, type Act, type Known } from './act';

/** Longest reason that is kept. */
export const WHY_MAX_LENGTH = 400;

/** An entry that was wrong says something else; the old one stays readable, with who, when and why. */
export const amend = <K extends Kind>(
  kind: K,
  known: Known,
  { body, why }: { readonly body: BodyOf<K>; readonly why: string },
): Act => ({
  said: 'The entry is amended.',
  changes: [{ ...revise(kind, known, body), why: why.trim().slice(0, WHY_MAX_LENGTH) }],
});

/** An entry that never should have been counts no more; it stays readable, with who, when and why. */
export const voidEntry = (kind: Kind, known: Known, why: string): Act => ({
  said: 'The entry is voided.',
  changes: [{ ...discard(kind, known), why: why.trim().slice(0, WHY_MAX_LENGTH) }],
});

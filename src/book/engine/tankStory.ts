import { HOUR_MS } from '@/core/units';
import type { Addition, Reservoir } from '@/records/kinds';
import type { TimedEntry } from './tankTimeline';

/** What was read and poured is one story for so long; a day's first reading then begins the next. */
export const SESSION_MS = 20 * HOUR_MS;
/** A small tank without a pump airs slowly: three days. */
const STILL_SESSION_MS = 68 * HOUR_MS;
/** Stirred by hand up to this, L. */
const STIRRED_L = 20;

/** Whether it was poured for the pH. */
export const isDose = ({ what }: Addition) => what === 'acid' || what === 'base';

/** How long what was read and poured is one story. */
function sessionLengthMs({ pumpLPerMin, volumeL }: Reservoir): number {
  const still = pumpLPerMin === undefined && volumeL <= STIRRED_L;
  return still ? STILL_SESSION_MS : SESSION_MS;
}

/** Splits a tank's story into sessions. */
export function splitStory(entries: readonly TimedEntry[], tank: Reservoir): TimedEntry[][] {
  const length = sessionLengthMs(tank);
  const sessions: TimedEntry[][] = [];
  let broken = true;
  for (const entry of entries) {
    const body = entry.kind === 'pour' ? entry.addition.record.body : undefined;
    const begun = sessions.at(-1)?.[0]?.atMs;
    const late = begun === undefined || entry.atMs - begun >= length;
    const anew = body?.what === 'change' || (entry.kind === 'reading' && (late || broken));
    if (anew || !sessions.at(-1)) sessions.push([entry]);
    else sessions.at(-1)!.push(entry);
    // A dose that is not to be learned from: what is read after it stands for itself.
    broken = body?.excluded === true && isDose(body);
    if (anew && entry.kind === 'pour') broken = false;
  }
  return sessions;
}

/**
 * Where a session begins whatever came before: at a new fill, or at a reading after a longer pause than
 * a session lasts. -1 where that cannot be told without what came before.
 */
export function sureBeginning(entries: readonly TimedEntry[], tank: Reservoir): number {
  const lengthMs = sessionLengthMs(tank);
  return entries.findIndex((entry, at) => {
    const before = entries[at - 1];
    if (entry.kind === 'pour') return entry.addition.record.body.what === 'change';
    return entry.kind === 'reading' && before && entry.atMs - before.atMs >= lengthMs;
  });
}

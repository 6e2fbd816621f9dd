import type { Kind } from '@/records';
import type { EarlierTold } from './earlierReadings';
import type { Part } from './partIndex';

const part = <K extends Kind>(made: Part<K>): Part<K> => made;
/** Moments in ISO 8601, UTC, by time. Of one length they sort as texts; a fraction more or less is read. */
const byTime = (a: string, b: string) =>
  a.length === b.length ? (a < b ? -1 : a > b ? 1 : 0) : Date.parse(a) - Date.parse(b);
const SIDES = ['ph', 'ec'] as const;

/** Readings of one kind of sample of a tank, newest first: `<sample>/<tank>`. */
export const READINGS_OF_SAMPLE = part({
  name: 'readings of a sample',
  kind: 'reading',
  keysOf: ({ sampleKind, tankId }) => [`${sampleKind}/${tankId}`],
  order: (a, b) => byTime(b.takenAt, a.takenAt),
  hereSinceMs: ({ hereSinceMs }, key) => hereSinceMs[key] ?? -Infinity,
});

/** The month of a moment in ISO 8601, UTC: `2026-11`. */
export const monthOf = (iso: string): string => iso.slice(0, 7);

/** The first and the last moment of such a month, epoch ms. */
export function monthSpan(month: string): { readonly fromMs: number; readonly toMs: number } {
  const [year, number] = month.split('-').map(Number);
  return { fromMs: Date.UTC(year!, number! - 1), toMs: Date.UTC(year!, number!) - 1 };
}

const isLeft = (told: EarlierTold, sampleAndTank: string) =>
  told.hereSinceMs[sampleAndTank] !== undefined;

/** The same of one month, oldest first: `<sample>/<tank>/<month>`. */
export const READINGS_OF_MONTH = part({
  name: 'readings of a month',
  kind: 'reading',
  keysOf: ({ sampleKind, tankId, takenAt }) => [`${sampleKind}/${tankId}/${monthOf(takenAt)}`],
  order: (a, b) => byTime(a.takenAt, b.takenAt),
  hereSinceMs(told, key) {
    const end = key.lastIndexOf('/');
    const isLater = monthSpan(key.slice(end + 1)).fromMs >= told.beforeMs;
    return isLater || !isLeft(told, key.slice(0, end)) ? -Infinity : told.beforeMs;
  },
});

/** Readings with one side of a pen, oldest first: `<side>/<pen>`. */
export const READINGS_OF_SIDE = part({
  name: 'readings of a side',
  kind: 'reading',
  keysOf: (body) => SIDES.flatMap((side) => (body[side] ? [`${side}/${body[side].penId}`] : [])),
  order: (a, b) => byTime(a.takenAt, b.takenAt),
  hereSinceMs: ({ usesMs, beforeMs }, key) => (usesMs[key] ? beforeMs : -Infinity),
});

/**
 * Of these, those that tell more than a value (a laboratory's of the same sample, repeats), as made. All of
 * them are always here.
 */
export const TELLING_OF_SIDE = part({
  name: 'telling readings of a side',
  kind: 'reading',
  keysOf: (body) =>
    SIDES.flatMap((side) => {
      const read = body[side];
      return read && (body.lab || read.repeats?.length) ? [`${side}/${read.penId}`] : [];
    }),
  order: () => 0,
});

/** Sittings that are finished, of one side of a pen, oldest first: `<side>/<pen>`. */
export const SESSIONS_OF_SIDE = part({
  name: 'sessions of a side',
  kind: 'session',
  keysOf: ({ plan, penId }) => [`${plan.quantity}/${penId}`],
  order: (a, b) => byTime(a.finishedAt, b.finishedAt),
});

/** What was done to one side of a pen, or befell it, oldest first: `<side>/<pen>`. */
export const CARE_OF_SIDE = part({
  name: 'care of a side',
  kind: 'careEvent',
  keysOf: ({ side, penId }) =>
    SIDES.filter((each) => side === each || side === 'both').map((each) => `${each}/${penId}`),
  order: (a, b) => byTime(a.at, b.at),
});

/** Readings of a check standard with one pen, as made. */
export const CONTROLS_OF_PEN = part({
  name: 'controls of a pen',
  kind: 'controlReading',
  keysOf: ({ penId }) => [penId],
  order: () => 0,
});

/** What was poured into a tank, oldest first. */
export const ADDITIONS_OF_TANK = part({
  name: 'additions of a tank',
  kind: 'addition',
  keysOf: ({ tankId }) => [tankId],
  order: (a, b) => byTime(a.at, b.at),
});

/** What was poured on a reading, as made. */
export const ADDITIONS_ON_READING = part({
  name: 'additions on a reading',
  kind: 'addition',
  keysOf: ({ readingId }) => (readingId === undefined ? [] : [readingId]),
  order: () => 0,
});

/** The jar tests of a tank, as made. */
export const JARS_OF_TANK = part({
  name: 'jars of a tank',
  kind: 'jarTest',
  keysOf: ({ tankId }) => [tankId],
  order: () => 0,
});

/** The lists of readings: made anew once those that were left in storage are here. */
export const READING_PARTS = [
  READINGS_OF_SAMPLE,
  READINGS_OF_MONTH,
  READINGS_OF_SIDE,
  TELLING_OF_SIDE,
] as unknown as readonly Part<Kind>[];

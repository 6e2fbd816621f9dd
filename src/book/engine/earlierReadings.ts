import { z } from 'zod';
import { eventMs, headsOf, type RecordId, type RevId, type Revision } from '@/records';
import { writtenLater } from './aheadOfNow';
import type { Reading } from '@/records/kinds';

/** Thrown by whatever needs readings that an opening left in storage: it is asked anew once they are here. */
export class NeedsEarlier extends Error {
  override readonly name = 'NeedsEarlier';
}

/** Ascending times as the first and the steps from each to the next: short in a text. Many: looked at in one go. */
const steps = z
  .custom<readonly number[]>((held) => Array.isArray(held) && held.every(Number.isFinite))
  .transform((list) => {
    let atMs = 0;
    return list.map((step) => (atMs += step));
  })
  .readonly();

/** The same the other way. */
const asSteps = (times: readonly number[]): number[] =>
  times.map((atMs, at) => atMs - (times[at - 1] ?? 0));

const count = z.number().int().min(0);

/** What the answers know of the readings left in storage, all of months that are over. */
export const earlierSchema = z.object({
  /** Every reading taken from here on is here, epoch ms. */
  beforeMs: z.number(),
  /** Revisions left. */
  size: count,
  /** The latest moment any of them was written or tells of, ISO. */
  latestAt: z.string(),
  /** The greatest id of their records, and of their revisions. */
  lastRecordId: z.string(),
  lastRevId: z.string(),
  /** Readings left, by sample and tank. */
  left: z.record(z.string(), count),
  /** From when on all of a sample of a tank is here, epoch ms. */
  hereSinceMs: z.record(z.string(), z.number()),
  /** When each side of a pen was used for readings that are left, by time, epoch ms. */
  usesMs: z.record(z.string(), steps),
});

export type EarlierTold = z.output<typeof earlierSchema>;

/** The newest readings of each sample that are here however old they are. */
const NEWEST_HERE = 20;

const SIDES = ['ph', 'ec'] as const;

/** A reading as it stands, with what is asked of it here. */
interface StandingReading {
  readonly id: RecordId;
  readonly body: Reading;
}

/** A list with a new member under a key. */
function add<T>(lists: Map<string, T[]>, key: string, member: T): void {
  const list = lists.get(key);
  if (list) list.push(member);
  else lists.set(key, [member]);
}

/** The newest of a sample: so many, and those of the same moment as the last of them. */
function newestOf(readings: readonly StandingReading[], count: number): readonly StandingReading[] {
  const last = readings[count - 1];
  return last ? readings.filter(({ body }) => body.takenAt >= last.body.takenAt) : readings;
}

/** Whether a reading tells more of its pen than a value: a laboratory's, or repeats. */
const isTelling = ({ lab, ph, ec }: Reading) =>
  lab !== undefined || [ph, ec].some((side) => side?.repeats?.length);

interface WholeBook {
  /** All that records of readings ever said. */
  readonly records: ReadonlyMap<RecordId, readonly Revision[]>;
  readonly standing: readonly StandingReading[];
  /** Revisions that no answer tells of yet: they were written ahead of now. */
  readonly hidden: readonly Revision[];
  readonly inJournal: ReadonlySet<RevId>;
  /** Revisions in the packs that are left. */
  readonly packed: number;
}

/**
 * What is to be known of the readings before a moment (the beginning of a month), so that they may stay in
 * storage: what is told of them, and copies of those that are needed all the same. These are the newest of
 * each sample, those that tell more of their pen than a value, conflicts, and every record of which part
 * lies later.
 */
export function tellEarlier(
  { records, standing, hidden, inJournal, packed }: WholeBook,
  { beforeMs, newestHere = NEWEST_HERE }: { beforeMs: number; newestHere?: number },
): { readonly told: z.input<typeof earlierSchema>; readonly copies: readonly Revision[] } {
  const isPacked = (revision: Revision) =>
    eventMs(revision) < beforeMs && !inJournal.has(revision.revId);
  const bySample = new Map<string, StandingReading[]>();
  for (const reading of standing)
    add(bySample, `${reading.body.sampleKind}/${reading.body.tankId}`, reading);
  for (const list of bySample.values())
    list.sort((a, b) => Date.parse(b.body.takenAt) - Date.parse(a.body.takenAt));
  const newest = new Map([...bySample].map(([key, list]) => [key, newestOf(list, newestHere)]));
  const needed = new Set<RecordId>([
    ...[...newest.values(), standing.filter(({ body }) => isTelling(body))]
      .flat()
      .map(({ id }) => id),
    ...hidden.map(({ recordId }) => recordId),
  ]);
  const isInConflict = (revisions: readonly Revision[]) =>
    revisions.length > 1 && headsOf(revisions).length > 1;
  const isLeft = new Set<RecordId>();
  const copies: Revision[] = [];
  const most = { latestAt: '', lastRecordId: '', lastRevId: '' };
  for (const [id, revisions] of records) {
    const there = revisions.filter(isPacked);
    if (there.length < revisions.length || needed.has(id) || isInConflict(revisions)) {
      copies.push(...there);
      continue;
    }
    isLeft.add(id);
    if (id > most.lastRecordId) most.lastRecordId = id;
    for (const revision of there) {
      const late = writtenLater(revision);
      if (late > most.latestAt) most.latestAt = late;
      if (revision.revId > most.lastRevId) most.lastRevId = revision.revId;
    }
  }
  const left: Record<string, number> = {};
  const hereSinceMs: Record<string, number> = {};
  const uses = new Map<string, number[]>();
  for (const [key, list] of bySample) {
    const gone = list.filter(({ id }) => isLeft.has(id));
    if (gone.length === 0) continue;
    left[key] = gone.length;
    const oldestMs = Date.parse(newest.get(key)!.at(-1)!.body.takenAt);
    hereSinceMs[key] = Math.min(beforeMs, oldestMs);
    for (const { body } of gone)
      for (const side of SIDES) {
        const penId = body[side]?.penId;
        if (penId !== undefined) add(uses, `${side}/${penId}`, Date.parse(body.takenAt));
      }
  }
  const usesMs = Object.fromEntries(
    [...uses].map(([key, times]) => [key, asSteps(times.sort((a, b) => a - b))]),
  );
  const told = { beforeMs, size: packed - copies.length, ...most, left, hereSinceMs, usesMs };
  return { told, copies };
}

import {
  FOLLOW_AHEAD_MS,
  type ActId,
  type Kind,
  type RecordId,
  type RevId,
  type Revision,
} from '@/records';
import { NeedsEarlier, type EarlierTold } from './earlierReadings';
import type { Part } from './partIndex';

/**
 * The readings of a book that were left in storage when it was opened. Whatever would need one of them is
 * refused with `NeedsEarlier`, so that no answer is ever made of half a book.
 */
export class LeftReadings {
  private told: EarlierTold | undefined;
  private torn = false;
  /** Records that came since and are not told of yet, and how many revisions of them. */
  private readonly staged = new Set<RecordId>();
  private stagedCount = 0;

  leave(told: EarlierTold): void {
    this.told = told;
  }

  /** Everything is here: answers whether something had been torn. */
  complete(): boolean {
    const wasTorn = this.torn;
    this.told = undefined;
    this.torn = false;
    this.staged.clear();
    this.stagedCount = 0;
    return wasTorn;
  }

  get isWhole(): boolean {
    return !this.told;
  }

  /** Something came that builds on what was left: nothing may be told before that is here. */
  get isTorn(): boolean {
    return this.torn;
  }

  /** Notes that a revision came which was left. */
  stage({ recordId }: Revision): void {
    this.staged.add(recordId);
    this.stagedCount += 1;
  }

  /** Lists of readings are to be made anew: with some of what was left among them they would tell of half. */
  listsGoAnew(): void {
    if (this.staged.size > 0) this.torn = true;
  }

  /** Whether all that is here of a record is all there is of it. */
  isStaged(id: RecordId): boolean {
    return this.staged.has(id);
  }

  /** Looks whether a revision that comes in replaces one that may have been left. */
  lookAt({ kind, parents }: Revision, isKnown: (id: RevId) => boolean): void {
    if (this.told && kind === 'reading' && !parents.every(isKnown)) this.torn = true;
  }

  /** Looks whether the clock was set back past something that was left. */
  lookAtClock(nowMs: number): void {
    const limit = this.told && new Date(nowMs + FOLLOW_AHEAD_MS).toISOString();
    if (limit && this.told!.latestAt > limit) this.torn = true;
  }

  /** Whether a revision, or one of an act, of this id may have been left. */
  mayBeLeft(id: RevId | ActId): boolean {
    return id <= (this.told?.lastRevId ?? '');
  }

  /** Refuses what needs the whole book. */
  demandWhole(): void {
    if (this.told) throw new NeedsEarlier();
  }

  /** Refuses everything while what came builds on what was left. */
  demandUntorn(): void {
    if (this.torn) throw new NeedsEarlier();
  }

  /** Refuses a reading that may have been left. */
  demandRecord(id: RecordId, kind: Kind, isHere: boolean): void {
    this.demandUntorn();
    const mayBeLeft = kind === 'reading' && id <= (this.told?.lastRecordId ?? '');
    if (mayBeLeft && (!isHere || this.staged.has(id))) throw new NeedsEarlier();
  }

  /** Refuses a revision that may have been left. */
  demandRevision(id: RevId, isHere: boolean): void {
    this.demandUntorn();
    if (!isHere && this.mayBeLeft(id)) throw new NeedsEarlier();
  }

  /** Refuses a part of which something from a moment on (epoch ms) may have been left. */
  demandSince<K extends Kind>(part: Part<K>, key: string, sinceMs: number): void {
    this.demandUntorn();
    if (this.hereSinceMs(part, key) > sinceMs) throw new NeedsEarlier();
  }

  /** From when on all of a part is here, epoch ms; -Infinity where nothing of it was left. */
  hereSinceMs<K extends Kind>({ hereSinceMs }: Part<K>, key: string): number {
    return (this.told && hereSinceMs?.(this.told, key)) ?? -Infinity;
  }

  /** When readings that were left used a side of a pen (`<side>/<pen>`), by time, epoch ms. */
  usesMs(side: string): readonly number[] {
    return this.told?.usesMs[side] ?? [];
  }

  /** How many readings of a sample of a tank (`<sample>/<tank>`) were left. */
  count(sample: string): number {
    return this.told?.left[sample] ?? 0;
  }

  /** How many revisions were left and did not come since. */
  get size(): number {
    return (this.told?.size ?? 0) - this.stagedCount;
  }
}

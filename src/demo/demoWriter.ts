import { seededRandom, type Random } from '@/core/statistics';
import { idSource, writeRevision, type Change, type Kind, type Revision } from '@/records';

/** Writes the demo's records and its hidden chances. */
export interface DemoWriter {
  readonly random: Random;
  readonly revisions: Revision[];
  /** Writes one record and answers its name. */
  readonly write: <K extends Kind>(change: Change<K>, nowMs: number, by: string) => string;
}

/** Writes revisions with the time they would have had. */
export function demoWriter(seed: number, zone: string): DemoWriter {
  const random = seededRandom(seed);
  // Names have chances of their own: one record more must not change the weather of the rest.
  const makeId = idSource(seededRandom(seed + 1));
  const revisions: Revision[] = [];
  const write: DemoWriter['write'] = (change, nowMs, by) => {
    const revision = writeRevision(change, { makeId, nowMs, zone, by, device: 'demo' });
    revisions.push(revision as Revision);
    return revision.recordId as string;
  };
  return { random, revisions, write };
}

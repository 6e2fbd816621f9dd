import { seededRandom, type Random } from '@/core/statistics';
import type { Act } from '@/acts';
import { idSource, writeRevision, type Revision } from '@/records';

/** Writes the demo's records and its hidden chances. */
export interface DemoWriter {
  readonly random: Random;
  readonly revisions: Revision[];
  /** Does what a grower would do, and answers the name of the first record of it. */
  readonly does: (act: Act, nowMs: number, by: string) => string;
}

/** Writes revisions with the time they would have had. */
export function demoWriter(seed: number, zone: string): DemoWriter {
  const random = seededRandom(seed);
  // Names have chances of their own: one record more must not change the weather of the rest.
  const makeId = idSource(seededRandom(seed + 1));
  const revisions: Revision[] = [];
  const does: DemoWriter['does'] = ({ changes }, nowMs, by) => {
    const written = changes.map((change) =>
      writeRevision(change, { makeId, nowMs, zone, by, device: 'demo' }),
    );
    revisions.push(...written);
    return written[0]!.recordId;
  };
  return { random, revisions, does };
}

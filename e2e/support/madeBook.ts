import { writeBundle } from '../../src/interchange/bundle';
import { idSource, writeRevision, type Change, type Revision } from '../../src/records';
import { GENERIC_PROFILES, penFromProfile } from '../../src/records/profiles';

const makeId = idSource();
const MINUTE_MS = 60_000;

interface Making {
  readonly readings?: number;
  /** When the newest reading was taken; the others a minute apart before it. */
  readonly newestMs?: number;
  readonly device?: string;
}

/** A grower's book made for a test: a pen, a tank, so many readings. */
export function madeBook({ readings = 3, newestMs = Date.now(), device = 'phone' }: Making = {}) {
  const revisions: Revision[] = [];
  const startMs = newestMs - (readings + 10) * MINUTE_MS;
  const write = (change: Change, nowMs: number) => {
    const revision = writeRevision(change, { makeId, nowMs, zone: 'UTC', by: 'LV', device });
    revisions.push(revision);
    return revision.recordId as string;
  };
  const profile = GENERIC_PROFILES.find(({ ph }) => ph)!;
  const pen = penFromProfile(profile, { code: 'P1', name: 'Pen', tolerancePolicy: 'normal' });
  const penId = write({ kind: 'pen', body: pen }, startMs);
  const tank = {
    name: 'Basil',
    volumeL: 160,
    crop: 'basil',
    stage: 'all',
    phBand: { low: 5.5, high: 6.5 },
    ecBand: { low: 1, high: 1.8 },
    alphaPerC: 0.02,
    place: 1,
    note: '',
  };
  const tankId = write({ kind: 'tank', body: tank }, startMs);
  for (let at = readings - 1; at >= 0; at -= 1) {
    const takenMs = newestMs - at * MINUTE_MS;
    const body = {
      tankId,
      sampleKind: 'tank' as const,
      takenAt: new Date(takenMs).toISOString(),
      ph: { shown: 6.01, penId },
      note: '',
    };
    write({ kind: 'reading', body }, takenMs);
  }
  return { revisions, penId, tankId, text: writeBundle(revisions), write };
}

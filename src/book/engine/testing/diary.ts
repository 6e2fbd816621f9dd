import { saveCheck, savePen, takeReading, type Act } from '@/acts';
import {
  idSource,
  writeRevision,
  type BodyOf,
  type Change,
  type Kind,
  type TankId,
} from '@/records';
import { penFromProfile } from '@/records/profiles';
import { checkBody, profile } from '@/records/testing/plainCheck';
import { BookState } from '../bookState';

export const DAY_MS = 86_400_000;
const makeId = idSource();

/** A book that a test writes by the day, or by whatever else lasts `unitMs`. */
export function diary(unitMs = DAY_MS) {
  const book = new BookState();
  const write = <K extends Kind>(at: number, change: Change<K>) => {
    const parents = change.recordId ? book.headIds(change.recordId) : [];
    const writer = { makeId, nowMs: at * unitMs, zone: 'UTC', by: 'LV', device: 'phone' };
    const revision = writeRevision({ ...change, parents }, writer);
    book.apply([revision as never]);
    return revision.recordId as string;
  };
  /** Books what a grower did; answers the name of its first record. */
  const did = (at: number, { changes }: Act): string =>
    changes.map((change) => write(at, change))[0]!;
  return { book, did, write };
}

/** A day of the diary as the records write it. */
export const instant = (day: number) => new Date(day * DAY_MS).toISOString();
/** A tank with its pH band. */
export const tank = (low = 5.5, high = 6.5): BodyOf<'tank'> => ({
  name: 'Basil',
  volumeL: 100,
  crop: '',
  stage: '',
  phBand: { low, high },
  ecBand: { low: 1, high: 2 },
  alphaPerC: 0.019,
  place: 1,
  note: '',
});

/** A check that was finished, with nothing poured for it. */
export const checkDone = (body: BodyOf<'session'>): Act =>
  saveCheck(body, { code: 'P1', draftId: undefined, more: [] });

/** A two-point pen with how its checks and readings are written. */
export function checkedPen(did: ReturnType<typeof diary>['did']) {
  const penId = did(0, savePen(undefined, penFromProfile(profile, { code: 'P1', name: 'Pen' })));
  const session = (day: number, in7: number, in4: number, adjusted: boolean) => {
    const body = checkBody(penId, day * DAY_MS, { in7, in4, adjusted });
    did(day, checkDone(body));
  };
  const reading = (day: number, tankId: TankId, shown: number) =>
    did(
      day,
      takeReading({
        tankId,
        sampleKind: 'tank',
        takenAt: instant(day),
        note: '',
        ph: { shown, penId },
      }),
    );
  return { penId, session, reading };
}

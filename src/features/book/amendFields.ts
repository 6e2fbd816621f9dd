import type { BodyOf, Kind } from '@/records/kinds';
import type { AmendField } from './amendField';
import type { AmendAbout } from './amendParts';
import { ofCare, ofComparison, ofControl, ofProbe, ofSession } from './amendPenFields';
import { ofAddition, ofJar, ofLot, ofReading } from './amendTankFields';

/** Every kind that can be amended in the Book, with its fields. */
const FIELDS: {
  readonly [K in Kind]?: (body: BodyOf<K>, about: AmendAbout) => AmendField<BodyOf<K>>[];
} = {
  reading: ofReading,
  addition: ofAddition,
  careEvent: ofCare,
  session: ofSession,
  jarTest: ofJar,
  controlReading: ofControl,
  comparison: ofComparison,
  probe: ofProbe,
  lot: ofLot,
};

/** Whether entries of a kind can be amended here. */
export const isAmendable = (kind: Kind): boolean => kind in FIELDS;

/** What can be amended of an entry, as it stands. */
export function amendFields<K extends Kind>(
  kind: K,
  body: BodyOf<K>,
  about: AmendAbout,
): readonly AmendField<BodyOf<K>>[] {
  const of = FIELDS[kind] as
    ((body: BodyOf<K>, about: AmendAbout) => AmendField<BodyOf<K>>[]) | undefined;
  return of ? of(body, about) : [];
}

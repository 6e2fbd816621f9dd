import type { PenSeen, PlaceMatch } from '@/book/answers';
import { CROP_TARGETS } from '@/records/crops';
import type { Pen, Tank } from '@/records/kinds';
import { tankSchema } from '@/records/kinds';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { cropTitle } from '@/records/crops/cropTitle';

const FALLBACK = { both: 'combination', ph: 'ph-auto-two-point', ec: 'ec-one-point' } as const;

/** Crops and their stages, as they are chosen for a new tank: by their place in the library. */
export const CROP_NAMES: readonly string[] = CROP_TARGETS.map(cropTitle);

/** A tank made for a name of a table, of its volume and a crop's bands. */
export function tankFrom(
  { name, volumeL, target }: Extract<PlaceMatch, { as: 'made' }>,
  place: number,
): Tank {
  const { crop, stage, ph, ec } = CROP_TARGETS[target] ?? CROP_TARGETS[0]!;
  return tankSchema.parse({
    name,
    volumeL,
    crop,
    stage,
    phBand: { low: ph[0], high: ph[1] },
    ecBand: { low: ec[0], high: ec[1] },
    place,
  });
}

/** A pen made from a name of a table: of the usual profile for what it measures there. */
export function penFrom(code: string, { name, measures }: PenSeen): Pen {
  const what = measures.length === 2 ? 'both' : (measures[0] ?? 'ph');
  const profile = GENERIC_PROFILES.find(({ id }) => id === FALLBACK[what]) ?? GENERIC_PROFILES[0]!;
  return penFromProfile(profile, { code, name: name || profile.title });
}

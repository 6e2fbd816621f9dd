import { requireFinite } from '../result';
import { AMBIGUOUS_REACH_PH, RECOGNITION_REACH_PH } from './constants';
import { BUFFER_FAMILIES, type BufferFamily, type FamilyMember } from './families';

/** Which buffer a display value speaks of. */
export type Recognition =
  | { readonly kind: 'recognised'; readonly member: FamilyMember; readonly distancePh: number }
  | { readonly kind: 'ambiguous'; readonly candidates: readonly [FamilyMember, FamilyMember] }
  | { readonly kind: 'unrecognised'; readonly nearest: FamilyMember; readonly distancePh: number };

/**
 * The member of `family` a display value belongs to: the nearest within 1.0 pH; ambiguous within
 * 0.3 of the midpoint of two members; unrecognised beyond 1.0 of any. Judges by nominal values,
 * as pens do. Any finite display value.
 */
export function recogniseBuffer(shownPh: number, family: BufferFamily): Recognition {
  requireFinite('shownPh', shownPh);
  const distance = (member: FamilyMember) => Math.abs(member.nominalPh - shownPh);
  const [nearest, second] = [...BUFFER_FAMILIES[family]].sort((a, b) => distance(a) - distance(b));
  if (!nearest || !second) throw new RangeError(`family ${family} has fewer than two buffers`);
  const midpointPh = (nearest.nominalPh + second.nominalPh) / 2;
  if (Math.abs(shownPh - midpointPh) <= AMBIGUOUS_REACH_PH) {
    return { kind: 'ambiguous', candidates: [nearest, second] };
  }
  const distancePh = distance(nearest);
  return distancePh <= RECOGNITION_REACH_PH
    ? { kind: 'recognised', member: nearest, distancePh }
    : { kind: 'unrecognised', nearest, distancePh };
}

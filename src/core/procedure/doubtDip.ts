import { EC_SCALES, displayFromEcMsPerCm, ecMsPerCmFromDisplay, type EcScale } from '../units';
import { cupTarget, type BenchPlan, type Cup } from './benchPlan';

/** Why a value shown in a cup is doubtful before it is judged. */
export type DipDoubt =
  | { readonly reason: 'otherCup'; readonly cup: Cup }
  | { readonly reason: 'farOff'; readonly error: number }
  | { readonly reason: 'otherScale'; readonly scale: EcScale; readonly shown: number };

/** A pH further off than this is either another cup or a pen in deep trouble. */
const FAR_OFF_PH = 1;

/** Within this of another cup's target, the cup is likelier swapped than the pen that far off, pH. */
const NEAR_OTHER_PH = 0.5;

/** A standard's display lies within this factor of its target unless the scale is another. */
const SAME_SCALE_FACTOR = 1.4;

function doubtPh(plan: BenchPlan, cup: Cup, shown: number, target: number): DipDoubt | undefined {
  const error = shown - target;
  if (Math.abs(error) <= FAR_OFF_PH) return undefined;
  const other = plan.cups.find((candidate) => {
    const at = cupTarget(plan, candidate);
    return candidate !== cup && at.ok && Math.abs(shown - at.value.target) <= NEAR_OTHER_PH;
  });
  return other ? { reason: 'otherCup', cup: other } : { reason: 'farOff', error };
}

function doubtEc(plan: BenchPlan, shown: number, target: number): DipDoubt | undefined {
  const fits = (value: number) =>
    value > target / SAME_SCALE_FACTOR && value < target * SAME_SCALE_FACTOR;
  if (fits(shown)) return undefined;
  const scale = plan.scale ?? 'mS/cm';
  for (const other of EC_SCALES) {
    const converted = displayFromEcMsPerCm(ecMsPerCmFromDisplay(shown, other), scale);
    if (other !== scale && fits(converted)) {
      return { reason: 'otherScale', scale: other, shown: converted };
    }
  }
  return { reason: 'farOff', error: shown - target };
}

/**
 * Whether a value shown in a cup speaks of another cup, another scale, or a pen very far off. To be
 * asked once: an old pen can really be 3 pH off. Undefined when the value is believable.
 */
export function doubtDip(plan: BenchPlan, cup: Cup, shown: number): DipDoubt | undefined {
  const at = cupTarget(plan, cup);
  if (!at.ok) return undefined;
  const { target } = at.value;
  return plan.quantity === 'ph' ? doubtPh(plan, cup, shown, target) : doubtEc(plan, shown, target);
}

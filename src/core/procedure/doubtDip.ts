import { BUFFER_FAMILIES, bufferPhAt } from '../buffers';
import { EC_SCALES, displayFromEcMsPerCm, ecMsPerCmFromDisplay, type EcScale } from '../units';
import { dipReading, type BenchEvent, type DipPhase } from './benchEvents';
import { cupTarget, cupTempC, type BenchPlan, type Cup } from './benchPlan';

/** Why a value shown in a cup is doubtful before it is judged. */
export type DipDoubt =
  | { readonly reason: 'otherCup'; readonly cup: Cup }
  | { readonly reason: 'farOff'; readonly error: number }
  | { readonly reason: 'otherScale'; readonly scale: EcScale; readonly shown: number }
  /** This cup and an earlier one each show what the other should. */
  | { readonly reason: 'swapped'; readonly cup: Cup }
  /** The same, or nearly, as in another cup: a cracked bulb, a torn wire, a stuck display. */
  | { readonly reason: 'sameInBoth'; readonly cup: Cup }
  /** Adjusted, it shows what another buffer is worth: it took this cup for that one. */
  | { readonly reason: 'takenForOther'; readonly nominalPh: number }
  /** An end of the scale: no contact, or the cap is still on. */
  | { readonly reason: 'endOfScale' };

/** A pen that took a cup for another buffer shows that one's value to this, pH. */
const TAKEN_FOR_PH = 0.025;

/** A pH further off than this is either another cup or a pen in deep trouble. */
const FAR_OFF_PH = 1;

/** Within this of another cup's target, the cup is likelier swapped than the pen that far off, pH. */
const NEAR_OTHER_PH = 0.5;

/** A standard's display lies within this factor of its target unless the scale is another. */
const SAME_SCALE_FACTOR = 1.4;

/** Two cups that differ on the display by less than this share of what they should are shown alike. */
const SAME_SHARE = 0.2;

/** Displays this near to an end of the scale say nothing of a liquid, pH. */
const END_OF_SCALE_PH = { low: 0.05, high: 13.95 } as const;

/** A cup read before in the same phase, with what it showed and what it should. */
interface EarlierCup {
  readonly cup: Cup;
  readonly shown: number;
  readonly target: number;
}

function earlierCups(
  plan: BenchPlan,
  { events, phase }: { readonly events: readonly BenchEvent[]; readonly phase: DipPhase },
  now: Cup,
): readonly EarlierCup[] {
  return plan.cups.flatMap((cup) => {
    const { reading } = dipReading(events, phase, cup.id);
    const at = cupTarget(plan, cup);
    if (cup.id === now.id || !reading || !at.ok) return [];
    return [{ cup, shown: reading.shown, target: at.value.target }];
  });
}

function doubtPh(
  plan: BenchPlan,
  { cup, shown, target }: { readonly cup: Cup; readonly shown: number; readonly target: number },
  earlier: readonly EarlierCup[],
): DipDoubt | undefined {
  const same = earlier.find(
    (other) => Math.abs(shown - other.shown) < SAME_SHARE * Math.abs(target - other.target),
  );
  if (same) return { reason: 'sameInBoth', cup: same.cup };
  const error = shown - target;
  if (Math.abs(error) <= FAR_OFF_PH) return undefined;
  const swapped = earlier.find(
    (other) =>
      Math.abs(shown - other.target) <= FAR_OFF_PH && Math.abs(other.shown - target) <= FAR_OFF_PH,
  );
  if (swapped) return { reason: 'swapped', cup: swapped.cup };
  if (shown <= END_OF_SCALE_PH.low || shown >= END_OF_SCALE_PH.high)
    return { reason: 'endOfScale' };
  const other = plan.cups.find((candidate) => {
    const at = cupTarget(plan, candidate);
    return candidate !== cup && at.ok && Math.abs(shown - at.value.target) <= NEAR_OTHER_PH;
  });
  return other ? { reason: 'otherCup', cup: other } : { reason: 'farOff', error };
}

/** The other buffer whose value a pen took in a cup, where it shows just that once it was adjusted. */
function takenFor(plan: BenchPlan, cup: Cup, shown: number): DipDoubt | undefined {
  if (cup.quantity !== 'ph') return undefined;
  const here = plan.cups.flatMap((one) => (one.quantity === 'ph' ? [one.buffer.kind] : []));
  const others = Object.values(BUFFER_FAMILIES)
    .flat()
    .filter(({ kind }) => !here.includes(kind));
  const other = others.find((member) => {
    const at = bufferPhAt(member, cupTempC(plan, cup));
    const values = [member.nominalPh, ...(at.ok ? [at.value] : [])];
    return values.some((value) => Math.abs(shown - value) <= TAKEN_FOR_PH);
  });
  return other && { reason: 'takenForOther', nominalPh: other.nominalPh };
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

/** What was seen in this sitting before. */
const NOTHING_BEFORE = { events: [], phase: 'asFound' } as const;

/**
 * Whether a value shown in a cup speaks of another cup, of cups exchanged, another scale, a dead
 * probe, or a pen very far off. To be asked once: an old pen can really be 3 pH off. Undefined when
 * the value is believable.
 */
export function doubtDip(
  plan: BenchPlan,
  cup: Cup,
  shown: number,
  before: { readonly events: readonly BenchEvent[]; readonly phase: DipPhase } = NOTHING_BEFORE,
): DipDoubt | undefined {
  const at = cupTarget(plan, cup);
  if (!at.ok) return undefined;
  const { target } = at.value;
  if (plan.quantity === 'ec') return doubtEc(plan, shown, target);
  const missed = Math.abs(shown - target) > Math.max(plan.asLeftTolerance, plan.resolution);
  const taken = before.phase === 'asLeft' && missed ? takenFor(plan, cup, shown) : undefined;
  return taken ?? doubtPh(plan, { cup, shown, target }, earlierCups(plan, before, cup));
}

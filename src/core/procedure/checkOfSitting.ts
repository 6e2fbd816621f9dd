import {
  ecAnchorOf,
  fitPhAnchor,
  phPointOf,
  type EcAnchor,
  type PhAnchor,
  type PhPoint,
} from '../calibration';
import { ecMsPerCmFromDisplay } from '../units';
import { dipReading, type BenchEvent } from './benchEvents';
import type { BenchPlan, Cup } from './benchPlan';

type Part = 'found' | 'left';

/** The value that counts for a cup: as found; or as left, where the confirming dip comes last. */
function shownIn(events: readonly BenchEvent[], cup: Cup, part: Part): number | undefined {
  const phases = part === 'found' ? (['asFound'] as const) : (['confirm', 'asLeft'] as const);
  for (const phase of phases) {
    const { reading } = dipReading(events, phase, cup.id);
    if (reading) return reading.shown;
  }
  return undefined;
}

/**
 * What a sitting says of a pen's pH as found and as left: the map through the cups that were read.
 * `left` equals `found` when nothing was adjusted. Undefined when no cup was read.
 */
export function phCheckOf(
  plan: BenchPlan,
  events: readonly BenchEvent[],
): { found?: PhAnchor | undefined; left: PhAnchor } | undefined {
  const anchorOf = (part: Part, knownGain?: number) => {
    const points = plan.cups.flatMap((cup): PhPoint[] => {
      const shownPh = shownIn(events, cup, part);
      if (cup.quantity !== 'ph' || shownPh === undefined) return [];
      const { buffer, tolerancePh } = cup;
      const { tempC, resolution: resolutionPh } = plan;
      const point = phPointOf({ buffer, tolerancePh, tempC, shownPh, resolutionPh });
      return point.ok ? [point.value] : [];
    });
    const { tempC, pieces } = plan;
    return points.length > 0 ? fitPhAnchor(points, { tempC, knownGain, pieces }) : undefined;
  };
  const found = anchorOf('found');
  const left = anchorOf('left') ?? found;
  return left && { found, left };
}

/** The same for EC, from the first cup. */
export function ecCheckOf(
  plan: BenchPlan,
  events: readonly BenchEvent[],
): { found?: EcAnchor | undefined; left: EcAnchor } | undefined {
  const cup = plan.cups[0];
  if (!cup || cup.quantity !== 'ec') return undefined;
  const scale = plan.scale ?? 'mS/cm';
  const anchorOf = (part: Part) => {
    const shown = shownIn(events, cup, part);
    if (shown === undefined) return undefined;
    const anchor = ecAnchorOf({
      standard: cup.standard,
      toleranceRel: cup.toleranceRel,
      tempC: plan.tempC,
      shownMsPerCm: ecMsPerCmFromDisplay(shown, scale),
      resolutionMsPerCm: ecMsPerCmFromDisplay(plan.resolution, scale),
      compensation: plan.compensation ?? null,
    });
    return anchor.ok ? anchor.value : undefined;
  };
  const found = anchorOf('found');
  const left = anchorOf('left') ?? found;
  return left && { found, left };
}

import {
  FEED_AMMONIUM_MMOL_PER_MS,
  FEED_PHOSPHATE_MMOL_PER_MS,
  conditionsAt,
  solutionFrom,
  type Conditions,
  type Solution,
  type SolutionRefusal,
  type Totals,
} from '../chemistry';
import { answer, type Result } from '../result';
import { FRESH_ALKALINITY_SHARE, WEAK_FEED_SHARE } from './constants';
import type { TankWater } from './tankAlkalinity';

/** What is known of a tank's water for a dose. */
export interface TankFacts {
  readonly ph: number;
  readonly ecMsPerCm: number;
  readonly tempC: number;
  readonly water: TankWater;
  /** From the recipe; usual values for its EC where absent. mmol/L. */
  readonly phosphateMmolPerL?: number | undefined;
  readonly ammoniumMmolPerL?: number | undefined;
  readonly co2Uatm?: number | undefined;
  /** False: no activities, for comparison. */
  readonly activities?: boolean | undefined;
}

/** Phosphate and ammonium of a feed, mol/L; fresh water has none. */
function totalsOf(facts: TankFacts, share: { phosphate: number; ammonium: number }): Totals {
  if (facts.water.kind === 'fresh') return {};
  const { ecMsPerCm } = facts;
  const phosphate = facts.phosphateMmolPerL ?? FEED_PHOSPHATE_MMOL_PER_MS * ecMsPerCm;
  const ammonium = facts.ammoniumMmolPerL ?? FEED_AMMONIUM_MMOL_PER_MS * ecMsPerCm;
  return {
    phosphate: (share.phosphate * phosphate) / 1000,
    ammonium: (share.ammonium * ammonium) / 1000,
  };
}

function modelWith(
  facts: TankFacts,
  share: { phosphate: number; ammonium: number },
  known?: Conditions,
): Result<Solution, SolutionRefusal> {
  const { tempC, ecMsPerCm, activities, ph, water, co2Uatm } = facts;
  const at = known ? answer(known) : conditionsAt({ tempC, ecMsPerCm, activities });
  if (!at.ok) return at;
  const carbonate =
    water.kind === 'fresh'
      ? ({ kind: 'report', alkalinityMolPerL: water.alkalinityMmolPerL / 1000 } as const)
      : ({ kind: 'aired', ...(co2Uatm === undefined ? {} : { co2Uatm }) } as const);
  return solutionFrom(at.value, { ph, totals: totalsOf(facts, share), known: carbonate });
}

/** The tank as chemistry sees it. */
export function tankModel(facts: TankFacts): Result<Solution, SolutionRefusal> {
  return modelWith(facts, { phosphate: 1, ammonium: 1 });
}

/**
 * Whether fresh water can be what its books say: its alkalinity at its pH must not ask for more
 * carbon than its source ever held. If it does, something was poured that nobody booked.
 */
export function believableFresh(facts: TankFacts, reachPh: number): boolean {
  const { water } = facts;
  if (water.kind !== 'fresh' || water.mostCarbonMmolPerL === undefined) return true;
  const kindest = modelWith({ ...facts, ph: facts.ph + reachPh }, { phosphate: 0, ammonium: 0 });
  if (!kindest.ok || kindest.value.carbonate.kind !== 'closed') return kindest.ok;
  return 1000 * kindest.value.carbonate.carbonMolPerL <= water.mostCarbonMmolPerL;
}

/**
 * The weakest tank that is thinkable behind the same readings: what a dose must not harm. Fresh, a
 * fifth less alkalinity than was measured. Unlearned, a fifth of the usual phosphate (none where
 * nothing but water went in) and no ammonium; learned, so much less as its factor says it resists
 * less, for a weak tank bends where a mere stretching of the curve would not.
 */
export function weakestTank(
  facts: TankFacts,
  { strongFactor, at }: { strongFactor?: number | undefined; at: Conditions },
): Result<Solution, SolutionRefusal> {
  const { water } = facts;
  if (water.kind === 'fresh') {
    const alkalinityMmolPerL = FRESH_ALKALINITY_SHARE * water.alkalinityMmolPerL;
    const less = { ...facts, water: { ...water, alkalinityMmolPerL } };
    return modelWith(less, { phosphate: 0, ammonium: 0 }, at);
  }
  const least = water.unfed ? 0 : WEAK_FEED_SHARE;
  const learned = strongFactor === undefined ? least : 1 / Math.max(1, strongFactor);
  return modelWith(facts, { phosphate: Math.max(least, learned), ammonium: 0 }, at);
}

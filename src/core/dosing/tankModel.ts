import {
  FEED_AMMONIUM_MMOL_PER_MS,
  FEED_CALCIUM_MMOL_PER_MS,
  FEED_MAGNESIUM_MMOL_PER_MS,
  FEED_PHOSPHATE_MMOL_PER_MS,
  WATER_CALCIUM_MMOL_PER_MEQ,
  WATER_MAGNESIUM_MMOL_PER_MEQ,
  conditionsAt,
  solutionFrom,
  type Metals,
  type Solution,
  type SolutionRefusal,
  type Totals,
} from '../chemistry';
import type { Result } from '../result';
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
}

/** Phosphate and ammonium of a feed, mol/L; fresh water has none. */
function totalsOf(facts: TankFacts): Totals {
  if (facts.water.kind === 'fresh') return {};
  const { ecMsPerCm } = facts;
  const phosphate = facts.phosphateMmolPerL ?? FEED_PHOSPHATE_MMOL_PER_MS * ecMsPerCm;
  const ammonium = facts.ammoniumMmolPerL ?? FEED_AMMONIUM_MMOL_PER_MS * ecMsPerCm;
  return {
    phosphate: phosphate / 1000,
    ammonium: ammonium / 1000,
  };
}

/** Calcium and magnesium of a feed or of source water, mol/L. */
function metalsOf({ water, ecMsPerCm }: TankFacts): Metals {
  if (water.kind === 'fresh')
    return {
      calciumMolPerL: (WATER_CALCIUM_MMOL_PER_MEQ * water.alkalinityMmolPerL) / 1000,
      magnesiumMolPerL: (WATER_MAGNESIUM_MMOL_PER_MEQ * water.alkalinityMmolPerL) / 1000,
    };
  return {
    calciumMolPerL: (FEED_CALCIUM_MMOL_PER_MS * ecMsPerCm) / 1000,
    magnesiumMolPerL: (FEED_MAGNESIUM_MMOL_PER_MS * ecMsPerCm) / 1000,
  };
}

/** The tank as chemistry sees it. */
export function tankModel(facts: TankFacts): Result<Solution, SolutionRefusal> {
  const { tempC, ecMsPerCm, ph, water, co2Uatm } = facts;
  const at = conditionsAt({ tempC, ecMsPerCm });
  if (!at.ok) return at;
  const known =
    water.kind === 'fresh'
      ? ({ kind: 'report', alkalinityMolPerL: water.alkalinityMmolPerL / 1000 } as const)
      : ({ kind: 'aired', ...(co2Uatm === undefined ? {} : { co2Uatm }) } as const);
  return solutionFrom(at.value, { ph, totals: totalsOf(facts), metals: metalsOf(facts), known });
}

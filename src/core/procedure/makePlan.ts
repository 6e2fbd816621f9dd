import type { IdOf } from '../branded';
import { BUFFER_TOLERANCE_PH, kindOfNominal, type TemperaturePoint } from '../buffers';
import {
  AS_LEFT_TOLERANCE,
  TOLERANCE,
  type EcTraits,
  type PhTraits,
  type TolerancePolicy,
} from '../calibration';
import { STANDARD_TOLERANCE_REL } from '../conductivity';
import { HAND_MADE_EXTRA_PH } from '../lots';
import type { BenchPlan, Cup } from './benchPlan';

/** The lot a cup is poured from, where one is on the Shelf. */
export interface CupLot {
  readonly lotId: IdOf<'lot'>;
  /** Its portion was used before. */
  readonly reused?: boolean | undefined;
  /** pH, or relative for a standard; the label's. */
  readonly tolerance?: number | undefined;
  readonly labelTable?: readonly TemperaturePoint[] | undefined;
  /** A standard's coefficient per °C. */
  readonly labelAlphaPerC?: number | undefined;
  /** Dissolved from a powder sachet by hand. */
  readonly handMade?: boolean | undefined;
}

/** Finds the lot for a nominal value: pH, or mS/cm. */
type LotFor = (nominal: number) => CupLot | undefined;

interface Sitting {
  readonly tempC: number;
  readonly policy: TolerancePolicy;
  readonly lotFor: LotFor;
}

/**
 * The plan of a pH sitting from a pen's traits: its cups in its order, each with its lot's tolerance
 * and table. Throws `RangeError` for a nominal value that no recipe has (unless a label has a table).
 */
export function makePhPlan(traits: PhTraits, { tempC, policy, lotFor }: Sitting): BenchPlan {
  const cups = traits.cupsPh.map((nominalPh): Cup => {
    const lot = lotFor(nominalPh);
    const kind = kindOfNominal(nominalPh) ?? (lot?.labelTable && 'technical-7.00');
    if (!kind) throw new RangeError(`no buffer recipe for ${nominalPh}`);
    const tolerance = lot?.tolerance ?? BUFFER_TOLERANCE_PH;
    return {
      id: String(nominalPh),
      quantity: 'ph',
      buffer: { kind, nominalPh, labelTable: lot?.labelTable },
      tolerancePh: tolerance + (lot?.handMade ? HAND_MADE_EXTRA_PH : 0),
      lotId: lot?.lotId,
      ...(lot?.reused ? { reused: true } : {}),
    };
  });
  const asFoundTolerance = TOLERANCE.ph[policy];
  return {
    quantity: 'ph',
    cups,
    tempC,
    resolution: traits.resolutionPh,
    asFoundTolerance,
    asLeftTolerance: Math.min(asFoundTolerance, AS_LEFT_TOLERANCE.ph),
    adjustable: traits.adjustable,
    storesNominal: traits.storesNominal,
    ...(traits.pieces ? { pieces: true } : {}),
    ...(traits.leaflet ? { leaflet: traits.leaflet } : {}),
  };
}

/** A quick check: as found in the first cup or in all, nothing adjusted. */
export function asFoundOnly(plan: BenchPlan, cups: 'first' | 'all'): BenchPlan {
  return {
    ...plan,
    cups: cups === 'first' ? plan.cups.slice(0, 1) : plan.cups,
    adjustable: false,
  };
}

/** The plan of an EC sitting from a pen's traits: one cup, in the pen's own scale. */
export function makeEcPlan(traits: EcTraits, { tempC, policy, lotFor }: Sitting): BenchPlan {
  const nominalMsPerCm = traits.standardMsPerCm;
  const lot = lotFor(nominalMsPerCm);
  const cup: Cup = {
    id: String(nominalMsPerCm),
    quantity: 'ec',
    standard: {
      nominalMsPerCm,
      labelTable: lot?.labelTable,
      labelAlphaPerC: lot?.labelAlphaPerC,
    },
    toleranceRel: lot?.tolerance ?? STANDARD_TOLERANCE_REL,
    lotId: lot?.lotId,
    ...(lot?.reused ? { reused: true } : {}),
  };
  const asFoundTolerance = TOLERANCE.ec[policy];
  return {
    quantity: 'ec',
    cups: [cup],
    tempC,
    resolution: traits.resolution,
    asFoundTolerance,
    asLeftTolerance: Math.min(asFoundTolerance, AS_LEFT_TOLERANCE.ec),
    adjustable: traits.adjustable,
    storesNominal: false,
    scale: traits.scale,
    compensation: traits.compensation,
    ...(traits.leaflet ? { leaflet: traits.leaflet } : {}),
  };
}

import type { Branded, IdOf } from '../branded';
import type { BufferReference } from '../buffers';
import { bufferPhAt } from '../buffers';
import type { Leaflet } from '../calibration';
import type { EcCompensation, EcStandard } from '../conductivity';
import { expectedStandardEc } from '../conductivity';
import type { OutOfRange, Result } from '../result';
import { displayFromEcMsPerCm, type EcScale } from '../units';

/** Names a cup within its sitting. */
export type CupId = Branded<'cup of a sitting'>;

/** One cup of a sitting: which liquid of which lot, and how sure its value is. */
export type Cup =
  | {
      readonly id: CupId;
      readonly quantity: 'ph';
      readonly buffer: BufferReference;
      readonly tolerancePh: number;
      /** Where it has another temperature than the others, °C. */
      readonly tempC?: number | undefined;
      readonly lotId?: IdOf<'lot'> | undefined;
      /** The portion was used before. */
      readonly reused?: boolean | undefined;
    }
  | {
      readonly id: CupId;
      readonly quantity: 'ec';
      readonly standard: EcStandard;
      readonly toleranceRel: number;
      /** Where it has another temperature than the others, °C. */
      readonly tempC?: number | undefined;
      readonly lotId?: IdOf<'lot'> | undefined;
      /** The portion was used before. */
      readonly reused?: boolean | undefined;
    };

/** The procedure as it stood when the sitting began; kept with the session. */
export interface BenchPlan {
  readonly quantity: 'ph' | 'ec';
  readonly cups: readonly Cup[];
  /** Temperature of the cups, °C. */
  readonly tempC: number;
  /** One digit of the display, in its unit. */
  readonly resolution: number;
  /** How far off as found still needs no adjustment: pH, or relative for EC. */
  readonly asFoundTolerance: number;
  /** What the pen's leaflet allows as found instead, in the unit of the display. */
  readonly leaflet?: Leaflet | undefined;
  /** How far off an adjusted point may be left: pH, or relative for EC. */
  readonly asLeftTolerance: number;
  readonly adjustable: boolean;
  readonly storesNominal: boolean;
  /** Three points as two straight pieces, as the pen itself adjusts them. */
  readonly pieces?: boolean | undefined;
  /** EC only: the pen's scale and compensation. */
  readonly scale?: EcScale | undefined;
  readonly compensation?: EcCompensation | null | undefined;
}

/** The temperature of a cup: its own where one was given, else that of the sitting, °C. */
export const cupTempC = (plan: Pick<BenchPlan, 'tempC'>, cup: Cup): number =>
  cup.tempC ?? plan.tempC;

/** The plan with a cup at a temperature of its own, °C. */
export const withCupTemp = (plan: BenchPlan, cupId: CupId, tempC: number): BenchPlan => ({
  ...plan,
  cups: plan.cups.map((cup) => (cup.id === cupId ? { ...cup, tempC } : cup)),
});

/** What the display should show in a cup at its temperature. */
export interface CupTarget {
  /** In the unit of the display. */
  readonly target: number;
  /** The liquid's true value at that temperature: pH, or the display's unit for EC. */
  readonly truth: number;
}

/**
 * The target at a cup. A pen that stores the printed value whatever the temperature is aimed at that
 * value: the difference to the truth is a known error, kept with the session and corrected for,
 * never chased. Refuses a temperature off the table.
 */
export function cupTarget(plan: BenchPlan, cup: Cup): Result<CupTarget, OutOfRange> {
  if (cup.quantity === 'ph') {
    const truth = bufferPhAt(cup.buffer, cupTempC(plan, cup));
    if (!truth.ok) return truth;
    const target = plan.storesNominal ? cup.buffer.nominalPh : truth.value;
    return { ok: true, value: { target, truth: truth.value } };
  }
  const expected = expectedStandardEc(cup.standard, cupTempC(plan, cup), plan.compensation ?? null);
  if (!expected.ok) return expected;
  const shown = displayFromEcMsPerCm(expected.value, plan.scale ?? 'mS/cm');
  return { ok: true, value: { target: shown, truth: shown } };
}

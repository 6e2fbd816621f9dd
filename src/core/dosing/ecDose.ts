import { answer, refuse, type Result } from '../result';

/** A liquid by its conductivity at 25 °C. */
interface Water {
  readonly ecMsPerCm: number;
}

/** Why a conductivity cannot be reached. */
export type EcDoseRefusal =
  | {
      readonly reason: 'waterTooStrong';
      readonly waterMsPerCm: number;
      readonly aimMsPerCm: number;
    }
  | { readonly reason: 'alreadyThere' }
  | { readonly reason: 'notBetween' }
  | { readonly reason: 'gainUnknown' };

/** How a tank is thinned. */
export interface Dilution {
  /** Water to pour in, L. */
  readonly addL: number;
  /** To drain first so that it fits, L; 0 when it fits as it is. */
  readonly drainL: number;
}

interface DiluteInput {
  readonly volumeL: number;
  /** What the tank holds at most, L. */
  readonly capacityL: number;
  readonly ecMsPerCm: number;
  readonly aimMsPerCm: number;
  readonly water: Water;
}

/**
 * Water to thin a tank to an aim: V·(κ − κ*)/(κ* − κw); where it does not fit, drain first: the
 * full tank's share (κ − κ')/(κ − κw) with the room above counted in. Mixing by volume.
 * `dilute({ volumeL: 100, capacityL: 200, ecMsPerCm: 2.4, aimMsPerCm: 2,
 * water: { ecMsPerCm: 0.4 } }).value.addL // => 25`
 */
export function dilute(input: DiluteInput): Result<Dilution, EcDoseRefusal> {
  const { volumeL, capacityL, ecMsPerCm, aimMsPerCm, water } = input;
  if (aimMsPerCm >= ecMsPerCm) return refuse({ reason: 'alreadyThere' });
  if (water.ecMsPerCm >= aimMsPerCm)
    return refuse({ reason: 'waterTooStrong', waterMsPerCm: water.ecMsPerCm, aimMsPerCm });
  const addL = (volumeL * (ecMsPerCm - aimMsPerCm)) / (aimMsPerCm - water.ecMsPerCm);
  if (volumeL + addL <= capacityL) return answer({ addL, drainL: 0 });
  // After draining d and filling to the brim: (V − d)·κ + (C − V + d)·κw = C·κ*.
  const keepL = (capacityL * (aimMsPerCm - water.ecMsPerCm)) / (ecMsPerCm - water.ecMsPerCm);
  return answer({ addL: capacityL - keepL, drainL: volumeL - keepL });
}

/**
 * mL of stock A, and the same of B, to raise a tank: V·(κ* − κ)/k.
 * `raiseEc({ volumeL: 100, ecMsPerCm: 1.6, aimMsPerCm: 2, gainMsPerCm: 0.5 }).value // => 80`
 */
export function raiseEc(input: {
  readonly volumeL: number;
  readonly ecMsPerCm: number;
  readonly aimMsPerCm: number;
  /** (mS/cm) for 1 mL/L of each, from the label or learned. */
  readonly gainMsPerCm: number | undefined;
}): Result<number, EcDoseRefusal> {
  const { volumeL, ecMsPerCm, aimMsPerCm, gainMsPerCm } = input;
  if (aimMsPerCm <= ecMsPerCm) return refuse({ reason: 'alreadyThere' });
  if (gainMsPerCm === undefined || !(gainMsPerCm > 0)) return refuse({ reason: 'gainUnknown' });
  return answer((volumeL * (aimMsPerCm - ecMsPerCm)) / gainMsPerCm);
}

/**
 * The gain a pour of stock taught: Δκ for each mL/L of A and of B.
 * `learnedGain({ volumeL: 100, eachMl: 80, beforeMsPerCm: 1.6, afterMsPerCm: 2 }) // => 0.5`
 */
export function learnedGain(pour: {
  readonly volumeL: number;
  readonly eachMl: number;
  readonly beforeMsPerCm: number;
  readonly afterMsPerCm: number;
}): number | undefined {
  const gain = ((pour.afterMsPerCm - pour.beforeMsPerCm) * pour.volumeL) / pour.eachMl;
  return Number.isFinite(gain) && gain > 0 ? gain : undefined;
}

/**
 * Conductivity of a mixture by volume: (V1κ1 + V2κ2)/(V1 + V2). Both volumes not zero.
 * `mixedEc({ volumeL: 100, ecMsPerCm: 2.4 }, { volumeL: 25, ecMsPerCm: 0.4 }) // => 2.00`
 */
export function mixedEc(
  a: { volumeL: number; ecMsPerCm: number },
  b: { volumeL: number; ecMsPerCm: number },
): number {
  const total = a.volumeL + b.volumeL;
  if (!(total > 0)) throw new RangeError('nothing to mix');
  return (a.volumeL * a.ecMsPerCm + b.volumeL * b.ecMsPerCm) / total;
}

/** A source water. */
export interface SourceFacts {
  readonly ecMsPerCm: number;
  readonly alkalinityMmolPerL: number;
}

/** Two sources mixed to an aim: the share of the first, and what the mixture is. */
export interface SourceMix extends SourceFacts {
  readonly firstShare: number;
}

/**
 * Share of two sources that gives a target, by EC or by alkalinity; refuses when none lies between.
 * `mixSources({ ecMsPerCm: 0.8, alkalinityMmolPerL: 4 }, { ecMsPerCm: 0.05,
 * alkalinityMmolPerL: 0.2 }, { by: 'alkalinityMmolPerL', value: 1.15 }).value.firstShare // => 0.25`
 */
export function mixSources(
  first: SourceFacts,
  second: SourceFacts,
  target: { readonly by: keyof SourceFacts; readonly value: number },
): Result<SourceMix, EcDoseRefusal> {
  const span = first[target.by] - second[target.by];
  const firstShare = (target.value - second[target.by]) / span;
  if (!(firstShare >= 0 && firstShare <= 1)) return refuse({ reason: 'notBetween' });
  const mix = (key: keyof SourceFacts) => firstShare * first[key] + (1 - firstShare) * second[key];
  return answer({
    firstShare,
    ecMsPerCm: mix('ecMsPerCm'),
    alkalinityMmolPerL: mix('alkalinityMmolPerL'),
  });
}

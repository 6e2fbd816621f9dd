import { sideOfVerdict } from '../look-back';
import type { Verdict } from '../verdict';
import { FIRST_STEP_KNOWN, FIRST_STEP_UNLEARNED } from './constants';
import { dilute, raiseEc, type Dilution } from './ecDose';

/** What a correction of a tank's EC is planned from. EC in mS/cm at 25 °C. */
export interface EcFacts {
  /** The newest reading, as judged; absent where none has an EC. */
  readonly judged?: { readonly value: number; readonly verdict: Verdict } | undefined;
  /** When what was poured last is mixed, epoch ms; absent where it was read since. */
  readonly mixedAtMs?: number | undefined;
  readonly band: { readonly low: number; readonly high: number };
  readonly volumeL: number;
  /** What the tank holds at most, L. */
  readonly capacityL: number;
  /** (mS/cm) for 1 mL/L of each stock, learned from this tank's own pours. */
  readonly learnedGain?: { readonly gainMsPerCm: number; readonly pours: number } | undefined;
  /** (mS/cm) for 1 mL/L of each stock, from the label. */
  readonly labelGainMsPerCm?: number | undefined;
  /** EC of the water it is thinned with, where it is known. */
  readonly waterMsPerCm?: number | undefined;
  /** The grower's aim; the middle of the band where absent. */
  readonly aimMsPerCm?: number | undefined;
  /** Now, epoch ms. */
  readonly nowMs: number;
}

/** Why nothing is proposed. */
export type EcStop =
  | 'notRead'
  | 'cannotTell'
  | 'stillMixing'
  | 'inBand'
  | 'gainUnknown'
  | 'waterUnknown'
  | 'waterTooStrong'
  | 'aimOtherWay';

/** Stock to pour to raise a tank's EC. */
export interface EcRaise {
  readonly kind: 'raise';
  readonly aimMsPerCm: number;
  /** mL of A, and the same of B. */
  readonly fullMl: number;
  readonly firstMl: number;
  readonly gainMsPerCm: number;
  /** How many pours taught that gain; 0: it is the label's. */
  readonly pours: number;
  readonly afterMsPerCm: number;
}

/** Water to pour, after draining where it would not fit, to lower a tank's EC. */
export interface EcThinning extends Dilution {
  readonly kind: 'thin';
  readonly aimMsPerCm: number;
  readonly waterMsPerCm: number;
}

/** What to do about a tank's EC. */
export type EcPlan = { readonly kind: 'stop'; readonly why: EcStop } | EcRaise | EcThinning;

/**
 * EC of a mixture of waters by their shares, mS/cm; undefined where there is none or one is unknown.
 * `waterMixtureEc([{ share: 0.8, ecMsPerCm: 0.5 }, { share: 0.2, ecMsPerCm: 0 }]) // => 0.4`
 */
export function waterMixtureEc(
  waters: readonly { readonly share: number; readonly ecMsPerCm?: number | undefined }[],
): number | undefined {
  if (waters.length === 0) return undefined;
  const sum = waters.reduce((all, { ecMsPerCm = NaN, share }) => all + share * ecMsPerCm, 0);
  return Number.isFinite(sum) ? sum : undefined;
}

const stop = (why: EcStop): EcPlan => ({ kind: 'stop', why });

/** Why a tank's EC is left as it is, before anything is worked out. */
function stopBefore({ judged, mixedAtMs = NaN, aimMsPerCm, nowMs }: EcFacts): EcStop | undefined {
  if (!judged) return 'notRead';
  if (mixedAtMs > nowMs) return 'stillMixing';
  const side = sideOfVerdict(judged.verdict);
  if (side === 'unsure') return 'cannotTell';
  return side === 'in' && aimMsPerCm === undefined ? 'inBand' : undefined;
}

/** From where to where a tank's EC is led, mS/cm. */
interface Way {
  readonly ecMsPerCm: number;
  readonly aimMsPerCm: number;
}

function raise({ volumeL, learnedGain, labelGainMsPerCm }: EcFacts, way: Way): EcPlan {
  const gainMsPerCm = learnedGain?.gainMsPerCm ?? labelGainMsPerCm;
  const full = raiseEc({ volumeL, ...way, gainMsPerCm });
  if (!full.ok || gainMsPerCm === undefined) return stop('gainUnknown');
  const share = learnedGain ? FIRST_STEP_KNOWN : FIRST_STEP_UNLEARNED;
  const { ecMsPerCm, aimMsPerCm } = way;
  return {
    kind: 'raise',
    aimMsPerCm,
    fullMl: full.value,
    firstMl: share * full.value,
    gainMsPerCm,
    pours: learnedGain?.pours ?? 0,
    afterMsPerCm: ecMsPerCm + share * (aimMsPerCm - ecMsPerCm),
  };
}

function thin({ volumeL, capacityL, waterMsPerCm }: EcFacts, way: Way): EcPlan {
  if (waterMsPerCm === undefined) return stop('waterUnknown');
  const thinned = dilute({ volumeL, capacityL, ...way, water: { ecMsPerCm: waterMsPerCm } });
  if (thinned.ok)
    return { kind: 'thin', aimMsPerCm: way.aimMsPerCm, waterMsPerCm, ...thinned.value };
  return stop(thinned.refusal.reason === 'waterTooStrong' ? 'waterTooStrong' : 'inBand');
}

/**
 * Stock to raise a tank's EC, or water to thin it, by its newest reading; or why nothing is poured. A
 * tank that is firmly on one side of its band is not led further out.
 */
export function planEc(facts: EcFacts): EcPlan {
  const before = stopBefore(facts);
  if (before || !facts.judged) return stop(before ?? 'notRead');
  const { band, judged } = facts;
  const { value: ecMsPerCm } = judged;
  const aimMsPerCm = facts.aimMsPerCm ?? (band.low + band.high) / 2;
  const side = sideOfVerdict(judged.verdict);
  const furtherOut =
    (side === 'low' && aimMsPerCm < ecMsPerCm) || (side === 'high' && aimMsPerCm > ecMsPerCm);
  if (furtherOut) return stop('aimOtherWay');
  const lead = aimMsPerCm > ecMsPerCm ? raise : thin;
  return lead(facts, { ecMsPerCm, aimMsPerCm });
}

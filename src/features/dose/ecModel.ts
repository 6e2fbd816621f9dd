import type { EcDoseAnswer } from '@/book/answers';
import {
  dilute,
  FIRST_STEP_KNOWN,
  FIRST_STEP_UNLEARNED,
  raiseEc,
  type Dilution,
} from '@/core/dosing';
import { sideOfVerdict } from '@/core/look-back';
import type { Addition } from '@/records/kinds';
import { mixedAt } from './mixedAt';

/** What the grower chose or typed. */
export interface EcChoice {
  /** mS/cm at 25 °C; the middle of the band where absent. */
  readonly aimMsPerCm?: number | undefined;
  /** (mS/cm) for 1 mL/L of each stock, from the label. */
  readonly labelGainMsPerCm?: number | undefined;
  /** EC of the water to thin with, where the tank's waters tell none. */
  readonly waterMsPerCm?: number | undefined;
  readonly nowMs: number;
}

/** What to do about a tank's EC. */
export type EcPlan =
  | { readonly kind: 'stop'; readonly why: EcStop }
  | {
      readonly kind: 'raise';
      readonly aimMsPerCm: number;
      /** mL of A, and the same of B. */
      readonly fullMl: number;
      readonly firstMl: number;
      readonly gainMsPerCm: number;
      readonly pours: number;
      readonly afterMsPerCm: number;
    }
  | ({
      readonly kind: 'thin';
      readonly aimMsPerCm: number;
      readonly waterMsPerCm: number;
    } & Dilution);

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

/** EC of the mixture of a tank's waters, where all of them are known. */
export function watersEc({ waters }: EcDoseAnswer): number | undefined {
  if (waters.length === 0) return undefined;
  const sum = waters.reduce((all, { water, share }) => all + share * (water.ecMsPerCm ?? NaN), 0);
  return Number.isFinite(sum) ? sum : undefined;
}

const stop = (why: EcStop): EcPlan => ({ kind: 'stop', why });

/** What is in the tank and what it can hold, L. */
export function volumesOf({ tank, reading }: EcDoseAnswer) {
  const volumeL = reading?.volumeL ?? tank.body.volumeL;
  return { volumeL, capacityL: Math.max(volumeL, tank.body.fullL ?? tank.body.volumeL) };
}

/** Stock to raise, or water to thin, by the newest reading. */
export function ecPlan(answer: EcDoseAnswer, choice: EcChoice): EcPlan {
  const { tank, reading, learnedGain } = answer;
  const judged = reading?.ec?.judged;
  if (!judged) return stop('notRead');
  if (Date.parse(tank.mixing?.body.rereadAt ?? '') > choice.nowMs) return stop('stillMixing');
  const side = sideOfVerdict(judged.verdict);
  if (side === 'unsure') return stop('cannotTell');
  if (side === 'in' && choice.aimMsPerCm === undefined) return stop('inBand');
  const { ecBand } = tank.body;
  const aimMsPerCm = choice.aimMsPerCm ?? (ecBand.low + ecBand.high) / 2;
  const { volumeL, capacityL } = volumesOf(answer);
  const ecMsPerCm = judged.value;
  // A tank firmly on one side is not led further out.
  if ((side === 'low' && aimMsPerCm < ecMsPerCm) || (side === 'high' && aimMsPerCm > ecMsPerCm))
    return stop('aimOtherWay');
  if (aimMsPerCm > ecMsPerCm) {
    const label = choice.labelGainMsPerCm ?? tank.body.stockGainMsPerCm;
    const gainMsPerCm = learnedGain?.gainMsPerCm ?? label;
    const full = raiseEc({ volumeL, ecMsPerCm, aimMsPerCm, gainMsPerCm });
    if (!full.ok || gainMsPerCm === undefined) return stop('gainUnknown');
    const share = learnedGain ? FIRST_STEP_KNOWN : FIRST_STEP_UNLEARNED;
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
  const waterMsPerCm = choice.waterMsPerCm ?? watersEc(answer);
  if (waterMsPerCm === undefined) return stop('waterUnknown');
  const thin = dilute({
    volumeL,
    capacityL,
    ecMsPerCm,
    aimMsPerCm,
    water: { ecMsPerCm: waterMsPerCm },
  });
  if (!thin.ok) return stop(thin.refusal.reason === 'waterTooStrong' ? 'waterTooStrong' : 'inBand');
  return { kind: 'thin', aimMsPerCm, waterMsPerCm, ...thin.value };
}

/** What is booked once it was poured. */
export function ecAdditions(
  answer: EcDoseAnswer,
  plan: Exclude<EcPlan, { kind: 'stop' }>,
  nowMs: number,
): readonly Addition[] {
  const { tank, reading } = answer;
  const { volumeL } = volumesOf(answer);
  const at = new Date(nowMs).toISOString();
  const common = {
    tankId: tank.id,
    at,
    readingId: reading?.id,
    tankVolumeL: volumeL,
    ecBeforeMsPerCm: reading?.ec?.judged?.value,
    rereadAt: mixedAt(tank.body, volumeL, nowMs),
    note: '',
  };
  if (plan.kind === 'raise') {
    return [
      {
        ...common,
        what: 'stock',
        productName: 'of stock A and of B each',
        doseMl: Number(plan.firstMl.toFixed(3)),
        predictedEcMsPerCm: plan.afterMsPerCm,
      },
    ];
  }
  const water: Addition = {
    ...common,
    what: 'water',
    productName: '',
    waterL: Number(plan.addL.toFixed(2)),
    predictedEcMsPerCm: plan.aimMsPerCm,
    waters: tank.body.waters,
  };
  if (plan.drainL <= 0) return [water];
  const { rereadAt: _none, ...drained } = common;
  return [
    { ...drained, what: 'drain', productName: '', waterL: Number(plan.drainL.toFixed(2)) },
    water,
  ];
}

/** Stock poured although nobody knows what it adds. */
export function stockPoured(
  answer: EcDoseAnswer,
  { eachMl, nowMs }: { readonly eachMl: number; readonly nowMs: number },
): Addition {
  const { tank, reading } = answer;
  const { volumeL } = volumesOf(answer);
  return {
    tankId: tank.id,
    at: new Date(nowMs).toISOString(),
    what: 'stock',
    productName: 'of stock A and of B each',
    doseMl: Number(eachMl.toFixed(3)),
    readingId: reading?.id,
    tankVolumeL: volumeL,
    ecBeforeMsPerCm: reading?.ec?.judged?.value,
    rereadAt: mixedAt(tank.body, volumeL, nowMs),
    note: '',
  };
}

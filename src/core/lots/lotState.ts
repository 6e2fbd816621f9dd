import { DAY_MS } from '../units';
import {
  ALKALINE_FROM_PH,
  OPEN_LIFE_DAYS,
  PORTION_ML,
  type LotForm,
  type LotKind,
} from './constants';

/** The facts of a lot that decide whether it can be used. Times are epoch ms. */
export interface LotFacts {
  readonly kind: LotKind;
  readonly form: LotForm;
  readonly nominal?: number | undefined;
  /** A buffer that states a conductivity too, mS/cm at 25 °C. */
  readonly alsoMsPerCm?: number | undefined;
  readonly expiresAtMs?: number | undefined;
  readonly openedAtMs?: number | undefined;
  readonly openLifeDays?: number | undefined;
  /** mL in a bottle, pieces of sachets. */
  readonly left?: number | undefined;
}

/** Whether a lot can be used, and until when. */
export interface LotState {
  readonly word: 'good' | 'soon' | 'tooOld' | 'expired' | 'empty';
  /** The day it stops being good, epoch ms, where known. */
  readonly goodUntilMs?: number | undefined;
  /** Whole portions left, where the amount is known. */
  readonly portionsLeft?: number | undefined;
}

/** "Soon" starts this many days before a lot stops being good. */
const SOON_DAYS = 14;

/** The default life after opening for a lot, days. */
export function openLifeDays({ kind, form, nominal }: LotFacts): number {
  if (form === 'dissolvedSachet') return OPEN_LIFE_DAYS.dissolvedSachet;
  if (kind !== 'buffer') return OPEN_LIFE_DAYS[kind];
  return (nominal ?? 0) >= ALKALINE_FROM_PH
    ? OPEN_LIFE_DAYS.alkalineBuffer
    : OPEN_LIFE_DAYS.acidOrNeutralBuffer;
}

/** How many calibrations a lot still serves: whole 20 mL portions of a liquid, pieces of sachets. */
function portionsLeft({ form, left }: LotFacts): number | undefined {
  if (left === undefined) return undefined;
  return Math.max(0, Math.floor(form === 'sachet' ? left : left / PORTION_ML));
}

/** A lot's state at `nowMs`: the printed expiry and the age after opening, whichever ends first. */
export function lotState(lot: LotFacts, nowMs: number): LotState {
  const lifeMs = (lot.openLifeDays ?? openLifeDays(lot)) * DAY_MS;
  const agedAtMs = lot.openedAtMs === undefined ? undefined : lot.openedAtMs + lifeMs;
  const ends = [lot.expiresAtMs, agedAtMs].filter((end): end is number => end !== undefined);
  const goodUntilMs = ends.length > 0 ? Math.min(...ends) : undefined;
  const portions = portionsLeft(lot);
  const state = { goodUntilMs, portionsLeft: portions };
  if (portions === 0) return { word: 'empty', ...state };
  if (lot.expiresAtMs !== undefined && nowMs > lot.expiresAtMs)
    return { word: 'expired', ...state };
  if (agedAtMs !== undefined && nowMs > agedAtMs) return { word: 'tooOld', ...state };
  const soon = goodUntilMs !== undefined && goodUntilMs - nowMs < SOON_DAYS * DAY_MS;
  return { word: soon ? 'soon' : 'good', ...state };
}

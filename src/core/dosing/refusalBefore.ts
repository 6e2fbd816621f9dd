import { MINUTE_MS } from '../units';
import { REAGENTS, type Reagent } from '../chemistry';
import { sideOfVerdict } from '../look-back';
import type { Verdict } from '../verdict';
import { CHASING_MINUTES } from './constants';

/** The last thing poured into a tank, with when it is mixed. */
export interface LastDose {
  /** The last acid or base; other: only stock or water. */
  readonly what: 'acid' | 'base' | 'other';
  readonly atMs: number;
  readonly mixedMs: number;
}

/** What may stand in the way of any dose, however it is worked out. */
export interface DoseCircumstances {
  readonly verdict: Verdict;
  readonly reagent: Reagent;
  readonly lastDose?: LastDose | undefined;
  /** Going on although acid follows base within the hour, with a note. Caps are never lifted. */
  readonly chasingAccepted?: boolean | undefined;
  readonly nowMs: number;
}

/** Why nothing is to be poured now, before any chemistry. */
export type EarlyRefusal =
  | { readonly reason: 'cannotTell' | 'tooPure' | 'inBand' }
  | { readonly reason: 'wrongWay'; readonly needs: 'acid' | 'base' }
  | { readonly reason: 'stillMixing'; readonly mixedMs: number }
  | { readonly reason: 'chasing'; readonly minutes: number; readonly waitMinutes: number };

/** The reason that stands before any chemistry, or undefined. */
export function refusalBefore(input: DoseCircumstances): EarlyRefusal | undefined {
  const { verdict, lastDose, nowMs, reagent } = input;
  if (verdict === 'tooPure') return { reason: 'tooPure' };
  if (verdict === 'cantTell' || verdict === 'noBand') return { reason: 'cannotTell' };
  const side = sideOfVerdict(verdict);
  if (side === 'in') return { reason: 'inBand' };
  const needs = side === 'high' ? 'acid' : 'base';
  if ((needs === 'acid') !== REAGENTS[reagent].acid) return { reason: 'wrongWay', needs };
  if (!lastDose) return undefined;
  if (nowMs < lastDose.mixedMs) return { reason: 'stillMixing', mixedMs: lastDose.mixedMs };
  const minutes = (nowMs - lastDose.atMs) / MINUTE_MS;
  const { what } = lastDose;
  const chasing = what !== 'other' && what !== needs && minutes < CHASING_MINUTES;
  if (!chasing || input.chasingAccepted) return undefined;
  return { reason: 'chasing', minutes, waitMinutes: CHASING_MINUTES - minutes };
}

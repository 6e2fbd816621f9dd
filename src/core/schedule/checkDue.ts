import { HOUR_MS } from '../units';
import type { HouseDays } from './houseDays';

/** How often a pen is checked; the trade's schools. `weekly` (check first) is the default. */
export const CHECK_POLICIES = [
  'everyUse',
  'daily',
  'weekly',
  'weeklyAdjust',
  'monthly',
  'quarterly',
  'afterUses',
  'ownDrift',
  'onlyWhenDoubted',
] as const;
export type CheckPolicy = (typeof CHECK_POLICIES)[number];

/** Days between checks for each policy with a fixed interval; null = no date of its own. */
const POLICY_DAYS: Readonly<Record<CheckPolicy, number | null>> = {
  everyUse: null,
  daily: 1,
  weekly: 7,
  weeklyAdjust: 7,
  monthly: 30,
  quarterly: 90,
  afterUses: null,
  ownDrift: null,
  onlyWhenDoubted: null,
};

/** "Before every use": a check serves the round it stands before, ms. */
const EVERY_USE_MS = 2 * HOUR_MS;

/** Until its own drift is known a pen on `ownDrift` is checked by the default policy, days. */
const OWN_DRIFT_FALLBACK_DAYS = 7;

/** Readings between checks on `afterUses` where none is stated. Trade practice. */
export const USES_BETWEEN_CHECKS = 50;

/** Unused for this long, a pen is checked before use whatever the policy. Trade practice. */
const UNUSED_FORCES_CHECK_DAYS = 30;

/** What happened to a pen that makes a check necessary whatever the policy. */
export type ForcingEvent =
  | 'cleaned'
  | 'newProbe'
  | 'newBattery'
  | 'knock'
  | 'dryOut'
  | 'pureWater'
  | 'wetElectronics'
  | 'weeksInFeed';

/** What decides when a pen is next due. Times are epoch ms. */
export interface DueFacts {
  readonly policy: CheckPolicy;
  /** What is due is due for a day: it stands on the Round from the morning on. */
  readonly days: HouseDays;
  /** Absent: never checked. */
  readonly lastCheckMs?: number | undefined;
  readonly lastUseMs?: number | undefined;
  readonly usesSinceCheck: number;
  readonly usesAllowed?: number | undefined;
  /** The date by the pen's own drift, once two checks exist. */
  readonly ownDriftDueMs?: number | undefined;
  /** It is likelier out of its tolerance than in it, by its newest check and what it did since. */
  readonly isOff?: boolean | undefined;
  /** Another pen, surer than it, read the same sample otherwise. */
  readonly disagrees?: PensDisagree | undefined;
  /** What happened since the last check, any order. */
  readonly events: readonly { readonly event: ForcingEvent; readonly atMs: number }[];
}

/** A pen that read one sample too far from a surer one. */
export interface PensDisagree {
  readonly atMs: number;
  /** The other pen's code. */
  readonly withCode: string;
  /** pH, or mS/cm. */
  readonly difference: number;
}

/** When a pen is due and why; no moment: only when doubted. */
export type CheckDue =
  | { readonly reason: 'never' }
  | { readonly reason: 'noDate' }
  | { readonly reason: 'policy' | 'uses' | 'ownDrift' | 'unused' | 'off'; readonly atMs: number }
  | ({ readonly reason: 'disagrees' } & PensDisagree)
  | { readonly reason: 'event'; readonly event: ForcingEvent; readonly atMs: number };

/** The date the policy alone gives. */
function byPolicy(facts: DueFacts, lastCheckMs: number): CheckDue {
  const { policy, ownDriftDueMs, usesSinceCheck, usesAllowed = USES_BETWEEN_CHECKS } = facts;
  const { days: house } = facts;
  if (policy === 'everyUse') return { reason: 'policy', atMs: lastCheckMs + EVERY_USE_MS };
  const days = POLICY_DAYS[policy];
  if (days !== null) return { reason: 'policy', atMs: house.dayAfterMs(lastCheckMs, days) };
  if (policy === 'ownDrift') {
    return ownDriftDueMs === undefined
      ? { reason: 'policy', atMs: house.dayAfterMs(lastCheckMs, OWN_DRIFT_FALLBACK_DAYS) }
      : { reason: 'ownDrift', atMs: house.startOfDayMs(ownDriftDueMs) };
  }
  if (policy === 'afterUses' && usesSinceCheck >= usesAllowed) {
    return { reason: 'uses', atMs: facts.lastUseMs ?? lastCheckMs };
  }
  return { reason: 'noDate' };
}

/**
 * When a pen is next due, as a day of the house: at once after an event that forces a check, when a surer pen disagrees or it
 * is off; else by its policy or after thirty days unused, whichever comes first.
 */
export function checkDue(facts: DueFacts): CheckDue {
  const { lastCheckMs, lastUseMs, events } = facts;
  if (lastCheckMs === undefined) return { reason: 'never' };
  const first = [...events]
    .filter(({ atMs }) => atMs > lastCheckMs)
    .sort((a, b) => a.atMs - b.atMs)[0];
  if (first) return { reason: 'event', ...first };
  const { disagrees } = facts;
  if (disagrees && disagrees.atMs > lastCheckMs) return { reason: 'disagrees', ...disagrees };
  if (facts.isOff) return { reason: 'off', atMs: lastCheckMs };
  const due = byPolicy(facts, lastCheckMs);
  const lastMs = Math.max(lastCheckMs, lastUseMs ?? 0);
  const unusedMs = facts.days.dayAfterMs(lastMs, UNUSED_FORCES_CHECK_DAYS);
  return 'atMs' in due && due.atMs <= unusedMs ? due : { reason: 'unused', atMs: unusedMs };
}

/** How often a pen is checked; the trade's schools. `weekly` is the default. */
export type CheckPolicy =
  'everyUse' | 'daily' | 'weekly' | 'monthly' | 'quarterly' | 'onlyWhenDoubted';

/** Days between checks for each policy; null = no date. */
export const POLICY_DAYS: Readonly<Record<CheckPolicy, number | null>> = {
  everyUse: 0,
  daily: 1,
  weekly: 7,
  monthly: 30,
  quarterly: 90,
  onlyWhenDoubted: null,
};

/** Unused for this long, a pen is checked before use whatever the policy. Trade practice. */
export const UNUSED_FORCES_CHECK_DAYS = 30;

const DAY_MS = 86_400_000;

/** When a pen is next due, epoch ms. Undefined: no check yet or a policy without a date. */
export function checkDueAtMs(
  policy: CheckPolicy,
  lastCheckMs: number | undefined,
): number | undefined {
  const days = POLICY_DAYS[policy];
  if (lastCheckMs === undefined || days === null) return undefined;
  return lastCheckMs + days * DAY_MS;
}

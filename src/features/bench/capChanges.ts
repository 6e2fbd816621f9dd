import type { Change } from '@/records';

/** What the pH tip is capped with after a sitting. */
export type CapLiquid = 'storage' | 'buffer' | 'paper' | 'tap';

export const CAP_LIQUIDS = [
  { value: 'storage', label: 'storage solution' },
  { value: 'buffer', label: 'pH 4 or 7 buffer', hint: 'for a day; Zolder reminds' },
  { value: 'paper', label: 'damp paper', hint: 'for a day; Zolder reminds' },
  { value: 'tap', label: 'tap water', hint: 'for a day; Zolder reminds' },
] as const satisfies readonly { value: CapLiquid; label: string; hint?: string }[];

interface Capped {
  readonly penId: string;
  /** ISO instant. */
  readonly at: string;
  /** The cap held a stop-gap until now. */
  readonly endsStopGap: boolean;
}

/**
 * What is booked of it: a stop-gap, so that it is not forgotten; and storage solution where it ends
 * one. Otherwise storage solution is the rule and not worth an entry.
 */
export function capChanges(
  value: CapLiquid,
  { penId, at, endsStopGap }: Capped,
): readonly Change[] {
  if (value === 'storage' && !endsStopGap) return [];
  const what = value === 'storage' ? 'capTopUp' : 'stopGap';
  const note = CAP_LIQUIDS.find((each) => each.value === value)!.label;
  const care: Change<'careEvent'> = {
    kind: 'careEvent',
    body: { penId, side: 'ph', what, at, note },
  };
  return [care as Change];
}

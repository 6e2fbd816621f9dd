/** What the pH tip is capped with after a sitting. */
export type CapLiquid = 'storage' | 'buffer' | 'paper' | 'tap';

/** What may stand in the cap of a pen. */
export const CAP_LIQUIDS = [
  { value: 'storage', label: 'storage solution' },
  { value: 'buffer', label: 'pH 4 or 7 buffer', hint: 'for a day; Zolder reminds' },
  { value: 'paper', label: 'damp paper', hint: 'for a day; Zolder reminds' },
  { value: 'tap', label: 'tap water', hint: 'for a day; Zolder reminds' },
] as const satisfies readonly { value: CapLiquid; label: string; hint?: string }[];

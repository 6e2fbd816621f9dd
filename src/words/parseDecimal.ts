/** What a typed number came to. */
export type ParsedNumber =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly reason: 'empty' | 'notANumber' };

/**
 * Reads a number as people type it: comma or point, blanks round it, a leading sign. Thousands
 * separators are refused ("1.234,5"): guessing there could be a thousand times off.
 */
export function parseDecimal(text: string): ParsedNumber {
  const bare = text.trim().replace('−', '-');
  if (bare === '') return { ok: false, reason: 'empty' };
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(bare)) return { ok: false, reason: 'notANumber' };
  return { ok: true, value: Number(bare.replace(',', '.')) };
}

import type { TankColumns } from '@/book/answers';

/** Which pens read a tank since a moment, and how often; the busiest first. */
export function pensUsed(
  { atMs, phPen, ecPen, penCodes }: TankColumns,
  sinceMs: number,
): readonly { readonly code: string; readonly ph: number; readonly ec: number }[] {
  const counts = penCodes.map((code) => ({ code, ph: 0, ec: 0 }));
  for (let at = atMs.length - 1; at >= 0 && atMs[at]! >= sinceMs; at -= 1) {
    const [ph, ec] = [counts[phPen[at]!], counts[ecPen[at]!]];
    if (ph) ph.ph += 1;
    if (ec) ec.ec += 1;
  }
  return counts.filter(({ ph, ec }) => ph + ec > 0).sort((a, b) => b.ph + b.ec - (a.ph + a.ec));
}

/**
 * √(Σ x²): how independent standard uncertainties combine (JCGM 100:2008, 5.1.2).
 * `rootSumSquare([0.03, 0.04]) // => 0.05`
 */
export function rootSumSquare(parts: readonly number[]): number {
  return Math.hypot(...parts);
}

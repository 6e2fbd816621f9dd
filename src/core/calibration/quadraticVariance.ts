/** A variance that goes with the square of the distance from where the points lie, in pH². */
export interface QuadraticVariance {
  readonly aroundPh: number;
  readonly constant: number;
  readonly linear: number;
  readonly square: number;
}

/** The variance at a true pH. */
export function varianceAt(
  { aroundPh, constant, linear, square }: QuadraticVariance,
  ph: number,
): number {
  const x = ph - aroundPh;
  // A sum of squares; rounding may leave it a hair below zero.
  return Math.max(0, constant + x * (linear + x * square));
}

/**
 * How independent errors of the points come through the least-squares line at a true pH:
 * Σ wᵢ²·uᵢ² with wᵢ = 1/n + (p − p̄)(pᵢ − p̄)/Σ(pᵢ − p̄)² (JCGM 100:2008, 5.1.2), written as one
 * quadratic in p so that a hundred thousand readings need no loop over points. With two points the
 * weights are Lagrange's; with one point it is that point's own variance everywhere.
 */
export function pointVariance(
  truePhs: readonly number[],
  stdUOf: (at: number) => number,
): QuadraticVariance {
  const n = truePhs.length;
  const aroundPh = truePhs.reduce((sum, x) => sum + x, 0) / n;
  const spread = truePhs.reduce((sum, x) => sum + (x - aroundPh) ** 2, 0);
  let [constant, linear, square] = [0, 0, 0];
  truePhs.forEach((x, at) => {
    const variance = stdUOf(at) ** 2;
    const lever = spread > 0 ? (x - aroundPh) / spread : 0;
    constant += variance / n ** 2;
    linear += (2 * variance * lever) / n;
    square += variance * lever ** 2;
  });
  return { aroundPh, constant, linear, square };
}

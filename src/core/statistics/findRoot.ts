import { requireFinite } from '../result';

/** What a bracketed search for a root says of itself. */
export interface Root {
  readonly x: number;
  /** f(x) where it stopped. */
  readonly residual: number;
  readonly iterations: number;
  readonly converged: boolean;
}

interface Search {
  readonly low: number;
  readonly high: number;
  /** f at both ends, where it is known already. */
  readonly fLow?: number | undefined;
  readonly fHigh?: number | undefined;
  /** Stops when the bracket is this small. */
  readonly tolerance: number;
  readonly maxIterations?: number;
}

/**
 * Brent's method: inverse quadratic, secant or bisection, whichever is safe; never leaves the
 * bracket. f must change sign between `low` and `high`, else `RangeError`.
 * @source R. P. Brent, Algorithms for Minimization without Derivatives (1973), chapter 4.
 */
export function findRoot(
  f: (x: number) => number,
  { low, high, fLow, fHigh, tolerance, maxIterations = 100 }: Search,
): Root {
  let [a, b] = [low, high];
  let fa = requireFinite('f(low)', fLow ?? f(a));
  let fb = requireFinite('f(high)', fHigh ?? f(b));
  if (fa * fb > 0) throw new RangeError('no change of sign in the bracket');
  let [c, fc] = [a, fa];
  let step = b - a;
  let before = step;
  for (let iterations = 0; iterations < maxIterations; iterations += 1) {
    // One by one: swapping by arrays takes longer here than the function itself.
    if (fb * fc > 0) {
      c = a;
      fc = fa;
      step = b - a;
      before = step;
    }
    if (Math.abs(fc) < Math.abs(fb)) {
      a = b;
      b = c;
      c = a;
      fa = fb;
      fb = fc;
      fc = fa;
    }
    const small = 2 * Number.EPSILON * Math.abs(b) + tolerance / 2;
    const half = (c - b) / 2;
    if (Math.abs(half) <= small || fb === 0)
      return { x: b, residual: fb, iterations, converged: true };
    const next = interpolatedStep({ a, b, c, fa, fb, fc, half });
    const safe = next !== undefined && Math.abs(before) >= small && Math.abs(fa) > Math.abs(fb);
    const short = safe && Math.abs(next) < Math.min(1.5 * Math.abs(half), Math.abs(before) / 2);
    before = short ? step : half;
    step = short ? next : half;
    a = b;
    fa = fb;
    b += Math.abs(step) > small ? step : small * Math.sign(half);
    fb = requireFinite('f(x)', f(b));
  }
  return { x: b, residual: fb, iterations: maxIterations, converged: false };
}

interface Bracket {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly fa: number;
  readonly fb: number;
  readonly fc: number;
  readonly half: number;
}

/** The secant step with two points, inverse quadratic with three; undefined where they fail. */
function interpolatedStep({ a, b, c, fa, fb, fc, half }: Bracket): number | undefined {
  const s = fb / fa;
  let p = 2 * half * s;
  let q = 1 - s;
  if (a !== c) {
    const [u, v] = [fa / fc, fb / fc];
    p = s * (2 * half * u * (u - v) - (b - a) * (v - 1));
    q = (u - 1) * (v - 1) * (s - 1);
  }
  const result = -p / q;
  // Only towards the other end of the bracket.
  return Number.isFinite(result) && result * half > 0 ? result : undefined;
}

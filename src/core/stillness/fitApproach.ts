import { answer, refuse, requireFinite, type Result } from '../result';

/** A display value against the time since the dip. */
export interface ApproachSample {
  readonly atS: number;
  readonly shown: number;
}

/** Where a display is going: d(t) = end + amplitude·e^(−t/τ). */
export interface Approach {
  readonly endValue: number;
  readonly endStdU: number;
  /** Response time, s. */
  readonly tauS: number;
  readonly tauStdUS: number;
  readonly residualStd: number;
}

/** Why no approach can be fitted. */
export type ApproachRefusal =
  | { readonly reason: 'tooFewSamples'; readonly count: number; readonly needed: number }
  | { readonly reason: 'littleMovement'; readonly digits: number; readonly neededDigits: number }
  | { readonly reason: 'noEnd'; readonly tauS: number; readonly spanS: number };

const SAMPLES_NEEDED = 5;

/** Below this many digits of movement a fit tells of the digits only. */
const MOVEMENT_NEEDED_DIGITS = 4;

/** τ is searched between these shares of the time seen. */
const TAU_SHARES = { min: 0.02, max: 4 } as const;
const COARSE_STEPS = 16;
const FINE_STEPS = 13;
/** The coarse walk needs no more samples than this. */
const COARSE_SAMPLES = 60;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** The samples as columns, counted from the first. */
interface Columns {
  readonly t: Float64Array;
  readonly y: Float64Array;
  /** The first display value, added back at the end: small numbers lose fewer digits. */
  readonly base: number;
}

function columnsOf(samples: readonly ApproachSample[]): Columns {
  const first = samples[0]!;
  return {
    t: Float64Array.from(samples, ({ atS }) => atS - first.atS),
    y: Float64Array.from(samples, ({ shown }) => shown - first.shown),
    base: first.shown,
  };
}

interface Linear {
  readonly endValue: number;
  readonly amplitude: number;
  readonly squares: number;
}

/** For a given τ the rest is a straight line in e^(−t/τ): least squares in one pass. */
function linearFor({ t, y, base }: Columns, tauS: number): Linear {
  const n = t.length;
  let [sx, sy, sxx, sxy, syy] = [0, 0, 0, 0, 0];
  for (let i = 0; i < n; i += 1) {
    const x = Math.exp(-t[i]! / tauS);
    const value = y[i]!;
    sx += x;
    sy += value;
    sxx += x * x;
    sxy += x * value;
    syy += value * value;
  }
  const spread = sxx - (sx * sx) / n;
  const amplitude = spread > 1e-12 ? (sxy - (sx * sy) / n) / spread : 0;
  const offset = (sy - amplitude * sx) / n;
  const squares = syy - offset * sy - amplitude * sxy;
  return { endValue: base + offset, amplitude, squares: Math.max(0, squares) };
}

/** Every so many samples: enough to find the right neighbourhood of τ. */
function thinned({ t, y, base }: Columns): Columns {
  const stride = Math.ceil(t.length / COARSE_SAMPLES);
  const keep = (_value: number, at: number) => at % stride === 0;
  return { t: t.filter(keep), y: y.filter(keep), base };
}

/** The τ with the smallest squares: a coarse walk in log τ, then a golden section. */
function bestTau(columns: Columns, spanS: number): number {
  const at = (log: number) => linearFor(columns, Math.exp(log)).squares;
  const few = thinned(columns);
  const roughly = (log: number) => linearFor(few, Math.exp(log)).squares;
  const [low, high] = [Math.log(spanS * TAU_SHARES.min), Math.log(spanS * TAU_SHARES.max)];
  const step = (high - low) / COARSE_STEPS;
  let best = 0;
  let least = Infinity;
  for (let i = 0; i <= COARSE_STEPS; i += 1) {
    const squares = roughly(low + i * step);
    if (squares < least) [best, least] = [i, squares];
  }
  let [a, b] = [low + Math.max(best - 1, 0) * step, low + Math.min(best + 1, COARSE_STEPS) * step];
  let [c, d] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
  let [fc, fd] = [at(c), at(d)];
  for (let i = 0; i < FINE_STEPS; i += 1) {
    // One new evaluation a step: the other end of the section is known already.
    if (fc < fd) {
      [b, d, fd] = [d, c, fc];
      c = b - GOLDEN * (b - a);
      fc = at(c);
    } else {
      [a, c, fc] = [c, d, fd];
      d = a + GOLDEN * (b - a);
      fd = at(d);
    }
  }
  return Math.exp((a + b) / 2);
}

/** Standard uncertainties of end value and τ from the Jacobian and the scatter (JCGM 101, 5.3). */
function errorsOf(
  { t }: Columns,
  { amplitude, tauS, scatter }: { amplitude: number; tauS: number; scatter: number },
): { endStdU: number; tauStdUS: number } {
  // Normal matrix of (end, amplitude, τ): columns 1, x, z = amplitude·x·t/τ².
  let [sx, sz, sxx, sxz, szz] = [0, 0, 0, 0, 0];
  for (const time of t) {
    const x = Math.exp(-time / tauS);
    const z = (amplitude * x * time) / tauS ** 2;
    sx += x;
    sz += z;
    sxx += x * x;
    sxz += x * z;
    szz += z * z;
  }
  const n = t.length;
  const forEnd = sxx * szz - sxz * sxz;
  const determinant = n * forEnd - sx * (sx * szz - sz * sxz) + sz * (sx * sxz - sz * sxx);
  if (!(determinant > 0)) return { endStdU: Infinity, tauStdUS: Infinity };
  return {
    endStdU: scatter * Math.sqrt(Math.max(0, forEnd) / determinant),
    tauStdUS: scatter * Math.sqrt(Math.max(0, n * sxx - sx * sx) / determinant),
  };
}

/**
 * Fits a first-order approach to the samples so far and tells the expected end value and response
 * time with their errors. Needs five samples and four digits of movement; refuses where the samples
 * do not bend towards an end yet.
 */
export function fitApproach(
  samples: readonly ApproachSample[],
  resolution: number,
): Result<Approach, ApproachRefusal> {
  if (!(resolution > 0)) throw new RangeError('resolution must be positive');
  const count = samples.length;
  if (count < SAMPLES_NEEDED)
    return refuse({ reason: 'tooFewSamples', count, needed: SAMPLES_NEEDED });
  let [lowest, highest] = [Infinity, -Infinity];
  for (const { shown } of samples) {
    lowest = Math.min(lowest, requireFinite('shown', shown));
    highest = Math.max(highest, shown);
  }
  const digits = Math.round((highest - lowest) / resolution);
  if (digits < MOVEMENT_NEEDED_DIGITS)
    return refuse({ reason: 'littleMovement', digits, neededDigits: MOVEMENT_NEEDED_DIGITS });
  const spanS = samples[count - 1]!.atS - samples[0]!.atS;
  if (!(spanS > 0)) throw new RangeError('samples must be sorted by time');
  const columns = columnsOf(samples);
  const tauS = bestTau(columns, spanS);
  const { endValue, amplitude, squares } = linearFor(columns, tauS);
  const residualStd = Math.sqrt(squares / Math.max(1, count - 3));
  const scatter = Math.max(residualStd, resolution / Math.sqrt(12));
  const errors = errorsOf(columns, { amplitude, tauS, scatter });
  if (tauS > TAU_SHARES.max * spanS * 0.9 || !Number.isFinite(errors.endStdU + errors.tauStdUS))
    return refuse({ reason: 'noEnd', tauS, spanS });
  return answer({ endValue, tauS, residualStd, ...errors });
}

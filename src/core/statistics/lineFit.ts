import { requireFinite } from '../result';

/** One pair of a fit. */
export interface XY {
  readonly x: number;
  readonly y: number;
}

/** A least-squares line y = meanY + slope·(x − meanX) with its errors. */
export interface LineFit {
  readonly slope: number;
  readonly meanX: number;
  readonly meanY: number;
  /** Σ(x − meanX)². */
  readonly spreadX: number;
  /** Root of the residual variance with n − 2 degrees of freedom; 0 with two points. */
  readonly residualStd: number;
  /** Standard uncertainty of the slope from the residuals; 0 with two points. */
  readonly slopeStdU: number;
}

/**
 * The ordinary least-squares line through at least two pairs with different x (Draper and Smith,
 * Applied Regression Analysis, 3rd edition, 1.2–1.4). Throws `RangeError` where no line exists.
 * `lineFit([{ x: 0, y: 1 }, { x: 2, y: 5 }]).slope // => 2`
 */
export function lineFit(pairs: readonly XY[]): LineFit {
  const n = pairs.length;
  const meanX = pairs.reduce((sum, p) => sum + requireFinite('x', p.x), 0) / n;
  const meanY = pairs.reduce((sum, p) => sum + requireFinite('y', p.y), 0) / n;
  const spreadX = pairs.reduce((sum, p) => sum + (p.x - meanX) ** 2, 0);
  if (!(n >= 2 && spreadX > 0)) throw new RangeError('a line needs two different x');
  const slope = pairs.reduce((sum, p) => sum + (p.x - meanX) * (p.y - meanY), 0) / spreadX;
  const squares = pairs.reduce((sum, p) => sum + (p.y - meanY - slope * (p.x - meanX)) ** 2, 0);
  const residualStd = n > 2 ? Math.sqrt(squares / (n - 2)) : 0;
  return { slope, meanX, meanY, spreadX, residualStd, slopeStdU: residualStd / Math.sqrt(spreadX) };
}

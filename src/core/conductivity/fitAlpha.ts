import { answer, refuse, type Result } from '../result';
import { lineFit } from '../statistics';
import { REFERENCE_TEMP_C } from './constants';

/** One measurement of the same liquid without compensation. */
export interface AlphaPair {
  readonly tempC: number;
  readonly ecMsPerCm: number;
}

/** A liquid's own temperature coefficient. */
export interface AlphaFit {
  readonly alphaPerC: number;
  /** From the scatter of the pairs; absent with two pairs, which leave none to see. */
  readonly alphaStdUPerC?: number | undefined;
  readonly ec25MsPerCm: number;
}

/** Why a coefficient cannot be had from the pairs. */
export type AlphaRefusal =
  | { readonly reason: 'tooFewPairs'; readonly count: number; readonly needed: number }
  | { readonly reason: 'spanTooSmall'; readonly spanC: number; readonly neededC: number }
  | { readonly reason: 'implausible'; readonly alphaPerC: number };

/** A smaller span of temperature tells more of the display's digit than of the liquid, °C. */
const ALPHA_SPAN_C = 5;

/** Beyond these no feed's coefficient lies, per °C. */
const PLAUSIBLE_ALPHA = { min: 0.01, max: 0.04 } as const;

/**
 * α of a liquid from pairs of temperature and uncompensated conductivity: κ = κ25·(1 + α(T − 25))
 * by least squares; α = slope/κ25, its error by the law of propagation (JCGM 100:2008, 5.2.2).
 * Needs two pairs and a span of 5 °C.
 */
export function fitAlpha(pairs: readonly AlphaPair[]): Result<AlphaFit, AlphaRefusal> {
  const temps = pairs.map((pair) => pair.tempC);
  if (pairs.length < 2) return refuse({ reason: 'tooFewPairs', count: pairs.length, needed: 2 });
  const spanC = Math.max(...temps) - Math.min(...temps);
  if (spanC < ALPHA_SPAN_C) return refuse({ reason: 'spanTooSmall', spanC, neededC: ALPHA_SPAN_C });
  const fit = lineFit(pairs.map(({ tempC, ecMsPerCm }) => ({ x: tempC, y: ecMsPerCm })));
  const distanceC = REFERENCE_TEMP_C - fit.meanX;
  const ec25MsPerCm = fit.meanY + fit.slope * distanceC;
  const alphaPerC = fit.slope / ec25MsPerCm;
  if (!(alphaPerC >= PLAUSIBLE_ALPHA.min && alphaPerC <= PLAUSIBLE_ALPHA.max))
    return refuse({ reason: 'implausible', alphaPerC });
  // α = b/(ȳ + b·d): ∂α/∂b = ȳ/κ25², ∂α/∂ȳ = −b/κ25²; b and ȳ are independent.
  const meanStdU = fit.residualStd / Math.sqrt(pairs.length);
  const stdU = Math.hypot(fit.meanY * fit.slopeStdU, fit.slope * meanStdU) / ec25MsPerCm ** 2;
  return answer({ alphaPerC, alphaStdUPerC: pairs.length > 2 ? stdU : undefined, ec25MsPerCm });
}

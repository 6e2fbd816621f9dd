/** How many earlier readings its usual scatter is taken from. */
const USUAL_FROM = 4;

/** The scatter of a pen in one buffer is never believed to be smaller, pH. */
const LEAST_SPREAD_PH = 0.01;

/** A reading this many times its usual scatter away from the usual has moved: the three sigma of control charts. */
const MOVED_SIGMA = 3;

/** What the newest reading of a check standard says beside the ones before it. pH. */
export type ControlVerdict =
  | { readonly kind: 'none' }
  | { readonly kind: 'tooFew'; readonly error: number }
  | {
      readonly kind: 'usual' | 'moved';
      readonly error: number;
      /** The mean of the ones before, and their standard deviation. */
      readonly mean: number;
      readonly spread: number;
    };

/**
 * The newest of a pen's errors in its check standard against the ones before, oldest first, pH. From five
 * readings on it is compared: further than three standard deviations from their mean it has moved.
 *
 *     judgeControl([0, 0.01, 0, -0.01, 0.2]) // => { kind: 'moved', error: 0.2, mean: 0, spread: 0.01 }
 */
export function judgeControl(errors: readonly number[]): ControlVerdict {
  const error = errors.at(-1);
  if (error === undefined) return { kind: 'none' };
  const before = errors.slice(0, -1);
  if (before.length < USUAL_FROM) return { kind: 'tooFew', error };
  const mean = before.reduce((sum, x) => sum + x, 0) / before.length;
  const squares = before.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  const spread = Math.max(LEAST_SPREAD_PH, Math.sqrt(squares / (before.length - 1)));
  const moved = Math.abs(error - mean) > MOVED_SIGMA * spread;
  return { kind: moved ? 'moved' : 'usual', error, mean, spread };
}

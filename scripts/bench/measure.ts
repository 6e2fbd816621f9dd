/** The middle of a list of times. */
export const median = (list: readonly number[]) =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;

/** Runs work several times after one warm-up; the median and what it answered. */
export function timed<T>(work: () => T, runs = 7): { readonly ms: number; readonly result: T } {
  let result = work();
  const times = Array.from({ length: runs }, () => {
    const started = performance.now();
    result = work();
    return performance.now() - started;
  });
  return { ms: median(times), result };
}

/** How the time grows from n to 10n: 1 is in proportion. */
export const exponent = (small: number, big: number) => Math.log10(big / small).toFixed(2);

/** Waits so long, ms. */
export const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

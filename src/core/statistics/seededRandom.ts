// Looked up once, not at every draw.
const { imul, sqrt, log, cos, PI } = Math;

/** A source of numbers in [0, 1). */
export type Random = () => number;

/**
 * Deterministic random numbers from a 32-bit seed (the mulberry32 mixer, public domain). For the
 * demo and the simulated pen: the same seed always gives the same path. Not for secrets.
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** One draw from the standard normal distribution (Box and Muller 1958). */
export function normalDraw(random: Random): number {
  const radius = sqrt(-2 * log(1 - random()));
  return radius * cos(2 * PI * random());
}

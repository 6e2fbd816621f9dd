// Looked up once, not at every draw.
const { imul } = Math;

/** What a random number is drawn for; each has a path of its own. */
export type NoiseStream = 'white' | 'wander' | 'junction' | 'surprise';

const STREAM: Readonly<Record<NoiseStream, number>> = {
  white: 0x1b873593,
  wander: 0x85ebca6b,
  junction: 0xc2b2ae35,
  surprise: 0x27d4eb2f,
};

/** A number in [0, 1) that depends on its three arguments alone (the murmur3 finalizer, public domain). */
function uniformAt(seed: number, at: number, salt: number): number {
  let mixed = (seed ^ imul(at + 1, 0x9e3779b1) ^ salt) >>> 0;
  mixed = imul(mixed ^ (mixed >>> 16), 0x85ebca6b);
  mixed = imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
  return ((mixed ^ (mixed >>> 16)) >>> 0) / 4294967296;
}

/**
 * Chance that depends on seed, moment and stream alone, not on what was drawn before: two runs of one
 * seed meet the same noise at the same moment, whatever was done in between. In [0, 1).
 */
export const uniformNoise = (seed: number, at: number, stream: NoiseStream): number =>
  uniformAt(seed, at, STREAM[stream]);

/** The same as a draw of the standard normal distribution (Box and Muller 1958). */
export function normalNoise(seed: number, at: number, stream: NoiseStream): number {
  const radius = Math.sqrt(-2 * Math.log(1 - uniformAt(seed, at, STREAM[stream])));
  return radius * Math.cos(2 * Math.PI * uniformAt(seed, at, STREAM[stream] ^ 0x5bd1e995));
}

/** Numbers in one block: 8 kB. */
const BLOCK = 1024;

/**
 * Cuts small arrays of doubles from large ones. An array of more than eight numbers that owns its
 * memory costs several times what is worked out in it.
 */
export class Slab {
  private block = new Float64Array(BLOCK);
  private used = 0;

  /** So many noughts. */
  take(length: number): Float64Array {
    if (this.used + length > this.block.length) {
      this.block = new Float64Array(Math.max(BLOCK, length));
      this.used = 0;
    }
    const from = this.used;
    this.used += length;
    return this.block.subarray(from, from + length);
  }

  /** A copy that is free to change. */
  copy(of: Float64Array): Float64Array {
    const copy = this.take(of.length);
    for (let at = 0; at < of.length; at += 1) copy[at] = of[at]!;
    return copy;
  }
}

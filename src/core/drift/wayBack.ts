import { Slab, choleskyOf, solveCholesky } from '../statistics';
import type { Bank } from './bank';
import type { Layout, Transition } from './filter';

/** A state as it is known from all sides, and how it hangs together with the next. */
export interface Smoothed {
  readonly mean: Float64Array;
  readonly cov: Float64Array;
  /** G·P of the next node; absent at the last, and where no days lie between. */
  readonly cross?: Float64Array | undefined;
}

/** One filter's way back (Rauch, Tung and Striebel), in arrays that are used again at each step. */
class WayBack {
  private readonly slab = new Slab();
  private readonly gain: Float64Array;
  private readonly factor: Float64Array;
  private readonly difference: Float64Array;
  private readonly product: Float64Array;

  constructor(private readonly layout: Layout) {
    const length = layout.size ** 2;
    this.gain = new Float64Array(length);
    this.factor = new Float64Array(length);
    this.difference = new Float64Array(length);
    this.product = new Float64Array(length);
  }

  /** P·Fᵀ: the columns of levels take their rates along, those that start anew are empty. */
  private timesTransposed({ covBefore, days, zeroed }: Transition): void {
    const { levels, size } = this.layout;
    const { gain } = this;
    gain.set(covBefore);
    for (let row = 0; row < size; row += 1)
      for (let level = 0; level < levels; level += 1)
        gain[row * size + level]! += days * covBefore[row * size + level + levels]!;
    for (const column of zeroed)
      for (let row = 0; row < size; row += 1) gain[row * size + column] = 0;
  }

  /** G = P·Fᵀ·P⁺⁻¹ (Särkkä 2013, ch. 8), row by row by the factor of P⁺. */
  private findGain(way: Transition): void {
    const { size } = this.layout;
    this.timesTransposed(way);
    choleskyOf(way.covAfter, size, this.factor);
    for (let row = 0; row < size; row += 1) solveCholesky(this.factor, size, this.gain, row * size);
  }

  /** G·B into a matrix that is at hand. */
  private timesGain(b: Float64Array, into: Float64Array): Float64Array {
    const { size } = this.layout;
    const { gain } = this;
    for (let row = 0; row < size; row += 1)
      for (let column = 0; column < size; column += 1) {
        let sum = 0;
        for (let k = 0; k < size; k += 1) sum += gain[row * size + k]! * b[k * size + column]!;
        into[row * size + column] = sum;
      }
    return into;
  }

  /** P + (G·D)·Gᵀ, D being what is known more of the next node. */
  private changed(covBefore: Float64Array): Float64Array {
    const { size } = this.layout;
    const { gain } = this;
    const cov = this.slab.copy(covBefore);
    const product = this.timesGain(this.difference, this.product);
    for (let row = 0; row < size; row += 1)
      for (let column = 0; column <= row; column += 1) {
        let sum = 0;
        for (let k = 0; k < size; k += 1)
          sum += product[row * size + k]! * gain[column * size + k]!;
        cov[row * size + column]! += sum;
        cov[column * size + row] = cov[row * size + column]!;
      }
    return cov;
  }

  /** One step back: what the node before is known to be, now that the next one is. */
  step(way: Transition, next: Smoothed): Smoothed {
    const { size } = this.layout;
    this.findGain(way);
    const mean = this.slab.copy(way.meanBefore);
    for (let row = 0; row < size; row += 1)
      for (let k = 0; k < size; k += 1)
        mean[row]! += this.gain[row * size + k]! * (next.mean[k]! - way.meanAfter[k]!);
    const { difference } = this;
    for (let at = 0; at < difference.length; at += 1)
      difference[at] = next.cov[at]! - way.covAfter[at]!;
    const cov = this.changed(way.covBefore);
    // Only a stretch of days is bridged.
    if (!(way.days > 0)) return { mean, cov };
    return { mean, cov, cross: this.timesGain(next.cov, this.slab.take(size * size)) };
  }
}

/** One filter's whole way back: what each node is known to be from all that was seen. */
export function smoothOne({ layout, nodes }: Bank, which: number): readonly Smoothed[] {
  const way = new WayBack(layout);
  const last = nodes.at(-1)!.filters[which]!;
  const smoothed: Smoothed[] = new Array<Smoothed>(nodes.length);
  let next: Smoothed = { mean: last.mean, cov: last.cov };
  smoothed[nodes.length - 1] = next;
  for (let at = nodes.length - 2; at >= 0; at -= 1) {
    next = way.step(nodes[at + 1]!.ways[which]!, next);
    smoothed[at] = next;
  }
  return smoothed;
}

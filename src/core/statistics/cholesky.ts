/** A square matrix, row after row. */
export type Matrix = Float64Array;

/**
 * The lower Cholesky factor of a symmetric positive matrix of `size` rows (Golub and Van Loan, 4.2).
 * A pivot that rounding has brought to nothing is lifted to a hair above it: what is known exactly
 * stays known exactly, and nothing is divided by nought. `factor`: where the answer goes; what stands
 * above its diagonal is never read.
 */
export function choleskyOf(
  matrix: Matrix,
  size: number,
  factor: Matrix = new Float64Array(size * size),
): Matrix {
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column <= row; column += 1) {
      let sum = matrix[row * size + column]!;
      for (let k = 0; k < column; k += 1)
        sum -= factor[row * size + k]! * factor[column * size + k]!;
      factor[row * size + column] =
        row === column ? Math.sqrt(Math.max(sum, 1e-18)) : sum / factor[column * size + column]!;
    }
  }
  return factor;
}

/** Solves A·x = b in place, `b` becoming x from its place `at` on, by the factor of A. */
export function solveCholesky(factor: Matrix, size: number, b: Float64Array, at = 0): void {
  for (let row = 0; row < size; row += 1) {
    let sum = b[at + row]!;
    for (let k = 0; k < row; k += 1) sum -= factor[row * size + k]! * b[at + k]!;
    b[at + row] = sum / factor[row * size + row]!;
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    let sum = b[at + row]!;
    for (let k = row + 1; k < size; k += 1) sum -= factor[k * size + row]! * b[at + k]!;
    b[at + row] = sum / factor[row * size + row]!;
  }
}

/**
 * Cholesky factorisation of a symmetric positive definite band matrix, in place.
 *
 * `band` holds the lower triangle by rows: entry (i, j) with i - width ≤ j ≤ i lies at
 * i × (width + 1) + (j - i + width). Throws when the matrix is not positive definite, which for a
 * heat balance means a negative conductance. Source: Golub and Van Loan, Matrix Computations
 * (4th ed.), algorithm 4.3.5.
 */
export function factorBand(band: Float64Array, size: number, width: number): void {
  const stride = width + 1;
  for (let i = 0; i < size; i += 1) {
    const rowI = i * stride + width - i;
    const first = i > width ? i - width : 0;
    for (let j = first; j < i; j += 1) {
      const rowJ = j * stride + width - j;
      let sum = band[rowI + j]!;
      for (let k = first; k < j; k += 1) sum -= band[rowI + k]! * band[rowJ + k]!;
      band[rowI + j] = sum * band[rowJ + j]!;
    }
    let pivot = band[rowI + i]!;
    for (let k = first; k < i; k += 1) pivot -= band[rowI + k]! * band[rowI + k]!;
    if (!(pivot > 0)) throw new RangeError(`matrix is not positive definite at row ${i}`);
    // The reciprocal of the pivot is kept: the solves multiply by it.
    band[rowI + i] = 1 / Math.sqrt(pivot);
  }
}

/** Solves with a factor from {@link factorBand}; `vector` goes in as the right side, comes out as the answer. */
export function solveBand(
  band: Float64Array,
  size: number,
  width: number,
  vector: Float64Array,
): void {
  const stride = width + 1;
  for (let i = 0; i < size; i += 1) {
    const rowI = i * stride + width - i;
    let sum = vector[i]!;
    for (let k = i > width ? i - width : 0; k < i; k += 1) sum -= band[rowI + k]! * vector[k]!;
    vector[i] = sum * band[rowI + i]!;
  }
  for (let i = size - 1; i >= 0; i -= 1) {
    const rowI = i * stride + width - i;
    const value = vector[i]! * band[rowI + i]!;
    vector[i] = value;
    for (let k = i > width ? i - width : 0; k < i; k += 1) vector[k]! -= band[rowI + k]! * value;
  }
}

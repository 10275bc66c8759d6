/**
 * How many numbers a symmetric positive definite band matrix takes by columns: entry (column + below, column) lies
 * at column × (width + 1) + below, with `below` from 0 (the diagonal) to `width`. What would lie past
 * the last row is zero; room behind the last column spares the inner loops their bounds.
 */
export const bandLength = (size: number, width: number): number => (size + width + 2) * (width + 1);

const reciprocalOf = (pivot: number, column: number): number => {
  if (!(pivot > 0)) throw new RangeError(`matrix is not positive definite at row ${column}`);
  return 1 / pivot;
};

/**
 * Factors such a matrix in place into L D Lᵀ: the columns of L under the reciprocals of D. Throws
 * when it is not positive definite, which for a heat balance means a negative conductance.
 * `width` at least 1. Source: Golub and Van Loan, Matrix Computations (4th ed.), 4.1.2 and 4.3.5.
 *
 * This is where a forecast spends a third of its time: two columns are eliminated at once, which
 * touches each entry half as often and took a third off (npm run bench).
 */
export function factorBand(band: Float64Array, size: number, width: number): void {
  const stride = width + 1;
  for (let column = 0; column < size; column += 2) {
    const a = column * stride;
    const b = a + stride;
    const reciprocalA = reciprocalOf(band[a]!, column);
    const shareOfB = band[a + 1]! * reciprocalA;
    for (let row = 1; row <= width; row += 1) band[b + row - 1]! -= shareOfB * band[a + row]!;
    band[a] = reciprocalA;
    const alone = column + 1 === size;
    const reciprocalB = alone ? 0 : reciprocalOf(band[b]!, column + 1);
    for (let below = 2; below <= width; below += 1) {
      // Column `column + below` loses what rows of both eliminated columns share with it.
      const shareA = band[a + below]! * reciprocalA;
      const shareB = band[b + below - 1]! * reciprocalB;
      const target = a + below * stride - below;
      for (let row = below; row <= width; row += 1) {
        band[target + row]! -= shareA * band[a + row]! + shareB * band[b + row - 1]!;
      }
      band[target + width + 1]! -= shareB * band[b + width]!;
    }
    const corner = band[b + width]!;
    band[b + width * stride]! -= corner * reciprocalB * corner;
    for (let below = 1; below <= width; below += 1) {
      band[a + below]! *= reciprocalA;
      band[b + below]! *= reciprocalB;
    }
    if (!alone) band[b] = reciprocalB;
  }
}

/**
 * Solves with a factor from {@link factorBand}; `vector` goes in as the right side, comes out as the answer.
 * Two columns at once here too.
 */
export function solveBand(
  band: Float64Array,
  size: number,
  width: number,
  vector: Float64Array,
): void {
  const stride = width + 1;
  const paired = size - (size % 2);
  for (let column = 0; column < paired; column += 2) {
    const a = column * stride;
    const b = a + width;
    const valueA = vector[column]!;
    const valueB = vector[column + 1]! - band[a + 1]! * valueA;
    vector[column + 1] = valueB;
    const last = column + width < size ? width : size - 1 - column;
    for (let below = 2; below <= last; below += 1) {
      vector[column + below]! -= band[a + below]! * valueA + band[b + below]! * valueB;
    }
    if (column + stride < size) vector[column + stride]! -= band[b + stride]! * valueB;
  }
  if (paired < size) vector[paired]! *= band[paired * stride]!;
  for (let column = paired - 2; column >= 0; column -= 2) {
    const a = column * stride;
    const b = a + width;
    let valueA = vector[column]! * band[a]!;
    let valueB = vector[column + 1]! * band[a + stride]!;
    const last = column + width < size ? width : size - 1 - column;
    for (let below = 2; below <= last; below += 1) {
      const known = vector[column + below]!;
      valueA -= band[a + below]! * known;
      valueB -= band[b + below]! * known;
    }
    if (column + stride < size) valueB -= band[b + stride]! * vector[column + stride]!;
    vector[column + 1] = valueB;
    vector[column] = valueA - band[a + 1]! * valueB;
  }
}

/**
 * The inverse of a symmetric positive definite matrix, row by row in one array, by Cholesky’s factors; of what is given only the lower half is read.
 *
 * @throws where the matrix is not positive definite, which a precision with proper priors never is
 */
export function inverseOf(matrix: Float64Array, n: number): Float64Array {
  const lower = Float64Array.from(matrix);
  for (let j = 0; j < n; j++) {
    let pivot = lower[j * n + j]!;
    for (let k = 0; k < j; k++) pivot -= lower[j * n + k]! ** 2;
    if (!(pivot > 0)) throw new Error('not positive definite');
    const root = Math.sqrt(pivot);
    lower[j * n + j] = root;
    for (let i = j + 1; i < n; i++) {
      let sum = lower[i * n + j]!;
      for (let k = 0; k < j; k++) sum -= lower[i * n + k]! * lower[j * n + k]!;
      lower[i * n + j] = sum / root;
    }
  }
  // The factor’s own inverse, column by column, each column in a row of its own; and its square.
  const back = new Float64Array(n * n);
  for (let j = 0; j < n; j++) {
    back[j * n + j] = 1 / lower[j * n + j]!;
    for (let i = j + 1; i < n; i++) {
      let sum = 0;
      for (let k = j; k < i; k++) sum -= lower[i * n + k]! * back[j * n + k]!;
      back[j * n + i] = sum / lower[i * n + i]!;
    }
  }
  const inverse = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = 0;
      for (let k = i; k < n; k++) sum += back[i * n + k]! * back[j * n + k]!;
      inverse[i * n + j] = sum;
      inverse[j * n + i] = sum;
    }
  return inverse;
}

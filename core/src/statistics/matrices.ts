/**
 * xᵀ C y for a square matrix.
 *
 * @param matrix n × n by rows
 * @param x n values
 * @param y n values; x when left out
 */
export function quadraticForm(
  matrix: readonly number[],
  x: readonly number[],
  y: readonly number[] = x,
): number {
  const n = x.length;
  let sum = 0;
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j < n; j += 1) sum += (x[i] ?? 0) * (matrix[i * n + j] ?? 0) * (y[j] ?? 0);
  }
  return sum;
}

/**
 * Inverse of a symmetric positive definite 3 × 3 matrix, by cofactors.
 *
 * @param m by rows
 * @returns by rows
 */
export function inverse3(m: readonly number[]): number[] {
  const [a = 0, b = 0, c = 0, , e = 0, f = 0, , , i = 0] = m;
  const A = e * i - f * f;
  const B = c * f - b * i;
  const C = b * f - c * e;
  const determinant = a * A + b * B + c * C;
  return [A, B, C, B, a * i - c * c, b * c - a * f, C, b * c - a * f, a * e - b * b].map(
    (cofactor) => cofactor / determinant,
  );
}

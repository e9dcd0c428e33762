/** The lower triangle L of a symmetric positive definite matrix L Lᵀ, by Cholesky and Banachiewicz, row by row. */
function choleskyOf(matrix: Float64Array, n: number): Float64Array {
  const l = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j <= i; j += 1) {
      let left = matrix[i * n + j] ?? 0;
      for (let k = 0; k < j; k += 1) left -= (l[i * n + k] ?? 0) * (l[j * n + k] ?? 0);
      l[i * n + j] = i === j ? Math.sqrt(left) : left / (l[j * n + j] ?? 1);
    }
  return l;
}

/**
 * The inverse of a symmetric positive definite matrix of n rows, row by row: L⁻ᵀ L⁻¹ of its Cholesky factor. A package's general
 * way, solving for every column of the unit matrix, takes ten times as long, and weighs as much as a third of the core.
 * @throws nothing: a precision with a prior in it is always positive definite
 */
export function inverseOf(matrix: Float64Array, n: number): Float64Array {
  const l = choleskyOf(matrix, n);
  // L⁻¹, a lower triangle too: row i is −1/lᵢᵢ times the sum of lᵢₖ times the rows before it.
  const inv = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1) {
    const row = inv.subarray(i * n, i * n + i + 1);
    const by = 1 / (l[i * n + i] ?? 1);
    for (let k = 0; k < i; k += 1) {
      const f = -(l[i * n + k] ?? 0) * by;
      if (f === 0) continue;
      const before = inv.subarray(k * n, k * n + k + 1);
      for (let j = 0; j <= k; j += 1) row[j] = (row[j] ?? 0) + f * (before[j] ?? 0);
    }
    row[i] = by;
  }
  const out = new Float64Array(n * n);
  for (let k = 0; k < n; k += 1) {
    const row = inv.subarray(k * n, k * n + k + 1);
    for (let i = 0; i <= k; i += 1) {
      const f = row[i] ?? 0;
      if (f === 0) continue;
      const into = out.subarray(i * n, i * n + i + 1);
      for (let j = 0; j <= i; j += 1) into[j] = (into[j] ?? 0) + f * (row[j] ?? 0);
    }
  }
  for (let i = 0; i < n; i += 1) for (let j = i + 1; j < n; j += 1) out[i * n + j] = out[j * n + i] ?? 0;
  return out;
}

/** Small symmetric positive definite systems, by Cholesky's factor. */

/** The lower factor L of A = L·Lᵀ. @throws RangeError where A is not positive definite */
function factor(a: readonly (readonly number[])[]): number[][] {
  const l = a.map((row) => row.map(() => 0));
  for (let i = 0; i < a.length; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = a[i][j];
      for (let k = 0; k < j; k++) sum -= l[i][k] * l[j][k];
      if (i === j && !(sum > 0)) throw new RangeError('The matrix is not positive definite.');
      l[i][j] = i === j ? Math.sqrt(sum) : sum / l[j][j];
    }
  }
  return l;
}

/** x of A·x = b. @throws RangeError where A is not positive definite */
export function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const l = factor(a);
  const n = b.length;
  const y: number[] = [];
  for (let i = 0; i < n; i++) {
    let sum = b[i];
    for (let k = 0; k < i; k++) sum -= l[i][k] * y[k];
    y.push(sum / l[i][i]);
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = y[i];
    for (let k = i + 1; k < n; k++) sum -= l[k][i] * x[k];
    x[i] = sum / l[i][i];
  }
  return x;
}

/** A⁻¹. @throws RangeError where A is not positive definite */
export const inverse = (a: readonly (readonly number[])[]): number[][] => {
  const columns = a.map((_, k) =>
    solve(
      a,
      a.map((_, i) => (i === k ? 1 : 0)),
    ),
  );
  return a.map((_, i) => columns.map((column) => column[i]));
};

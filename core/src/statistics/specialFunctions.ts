/** Lanczos' coefficients for g = 7, n = 9. */
const lanczos = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313,
  -176.61502916214059, 12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6,
  1.5056327351493116e-7,
];

/**
 * Natural logarithm of the gamma function.
 *
 * @param x > 0
 * @see Lanczos (1964), coefficients for g = 7
 */
export function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x);
  const z = x - 1;
  const sum = lanczos.reduce((total, c, i) => (i === 0 ? c : total + c / (z + i)), 0);
  const t = z + 7.5;
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

const tiny = 1e-300;
const close = 1e-15;

/**
 * Upper tail of the regularised incomplete gamma function, Q(a, x).
 *
 * @param a > 0
 * @param x ≥ 0
 * @returns 0–1
 * @see Press et al., Numerical Recipes, 6.2: series below a + 1, continued fraction (Lentz) above
 */
export function gammaTail(a: number, x: number): number {
  if (x <= 0) return 1;
  const front = Math.exp(-x + a * Math.log(x) - lnGamma(a));
  if (x < a + 1) {
    let term = 1 / a;
    let sum = term;
    for (let n = 1; n < 1000 && Math.abs(term) > Math.abs(sum) * close; n += 1) {
      term *= x / (a + n);
      sum += term;
    }
    return Math.max(0, 1 - front * sum);
  }
  let b = x + 1 - a;
  let c = 1 / tiny;
  let d = 1 / b;
  let h = d;
  for (let n = 1; n < 1000; n += 1) {
    const an = -n * (n - a);
    b += 2;
    d = 1 / (an * d + b || tiny);
    c = b + an / c || tiny;
    h *= d * c;
    if (Math.abs(d * c - 1) < close) break;
  }
  return front * h;
}

/**
 * Regularised incomplete beta function, I_x(a, b).
 *
 * @param x 0–1
 * @param a > 0
 * @param b > 0
 * @returns 0–1
 * @see Press et al., Numerical Recipes, 6.4: continued fraction (Lentz)
 */
export function incompleteBeta(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  // the fraction converges fast only on this side
  if (x > (a + 1) / (a + b + 2)) return 1 - incompleteBeta(1 - x, b, a);
  const front = Math.exp(
    lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log(1 - x),
  );
  let c = 1;
  let d = 1 / (1 - ((a + b) * x) / (a + 1) || tiny);
  let h = d;
  for (let m = 1; m < 1000; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / (1 + even * d || tiny);
    c = 1 + even / c || tiny;
    h *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / (1 + odd * d || tiny);
    c = 1 + odd / c || tiny;
    h *= d * c;
    if (Math.abs(d * c - 1) < close) break;
  }
  return (front * h) / a;
}

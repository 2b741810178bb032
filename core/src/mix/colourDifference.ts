import { linearLight } from './linearLight';

/** CIE 1976 lightness curve. */
const curve = (share: number) =>
  share > 216 / 24389 ? Math.cbrt(share) : (841 / 108) * share + 4 / 29;

/** CIE L*a*b* of an sRGB colour under its own white, D65. */
export function labOf(hex: string): readonly [l: number, a: number, b: number] {
  const [r, g, b] = linearLight(hex);
  const x = curve((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
  const y = curve(0.2126 * r + 0.7152 * g + 0.0722 * b);
  const z = curve((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/** How far two colours, #rrggbb, look apart: ΔE*ab (CIE 1976); about 2 is just seen side by side. */
export function colourDifference(one: string, other: string): number {
  const [a, b] = [labOf(one), labOf(other)];
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
}

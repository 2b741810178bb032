/** sRGB's own curve to linear light (IEC 61966-2-1). */
const linear = (value: number) =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;

/** CIE 1976 lightness curve. */
const curve = (share: number) =>
  share > 216 / 24389 ? Math.cbrt(share) : (841 / 108) * share + 4 / 29;

/** CIE L*a*b* of an sRGB colour under its own white, D65. */
export function labOf(hex: string): readonly [l: number, a: number, b: number] {
  const at = (start: number) => linear(parseInt(hex.slice(start, start + 2), 16) / 255);
  const [r, g, b] = [at(1), at(3), at(5)];
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

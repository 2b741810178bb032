/** sRGB's own curve to linear light (IEC 61966-2-1). */
const linear = (value: number) =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;

/** Linear light of an sRGB colour, #rrggbb: red, green and blue, each 0 to 1. */
export function linearLight(hex: string): [red: number, green: number, blue: number] {
  const at = (start: number) => linear(parseInt(hex.slice(start, start + 2), 16) / 255);
  return [at(1), at(3), at(5)];
}

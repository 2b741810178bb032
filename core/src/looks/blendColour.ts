import type { Part } from '../bowl/part';
import { pigmentOf } from './ingredientColours';

/** Absorption over scattering of an opaque layer from its reflectance, and back (Kubelka & Munk 1931). */
const absorption = (reflectance: number) => (1 - reflectance) ** 2 / (2 * reflectance);
const reflectanceOf = (ks: number) => 1 + ks - Math.sqrt(ks * ks + 2 * ks);

/** sRGB's own curve to linear light and back (IEC 61966-2-1). */
const linear = (value: number) =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
const encoded = (light: number) =>
  light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;

function channels(hex: string): [number, number, number] {
  const at = (start: number) =>
    Math.min(0.98, Math.max(0.01, linear(parseInt(hex.slice(start, start + 2), 16) / 255)));
  return [at(1), at(3), at(5)];
}

const hexOf = (light: readonly number[]) =>
  `#${light
    .map((one) =>
      Math.round(255 * Math.min(1, Math.max(0, encoded(one))))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** A share of one colour in another, mixed as paints are. */
export function mixedHex(pigments: readonly { hex: string; weight: number }[]): string | null {
  const total = pigments.reduce((sum, { weight }) => sum + weight, 0);
  if (!(total > 0)) return null;
  const mixed = [0, 0, 0];
  for (const { hex, weight } of pigments) {
    channels(hex).forEach((value, i) => {
      mixed[i] = (mixed[i] ?? 0) + (weight / total) * absorption(value);
    });
  }
  return hexOf(mixed.map(reflectanceOf));
}

/**
 * The colour of a blend from its parts', mixed as opaque paints are, each by its mass and how strongly it colours: an
 * estimate, good for telling beige from green and not for matching.
 *
 * @param parts what is folded in or strewn on top does not colour the blend
 * @returns #rrggbb, null while nothing in it has a colour
 */
export function blendColour(
  parts: readonly Pick<Part, 'ingredient' | 'massG' | 'place'>[],
): string | null {
  return mixedHex(
    parts
      .filter(({ place }) => place === 'bowl')
      .map(({ ingredient, massG }) => {
        const { hex, strength } = pigmentOf(ingredient);
        return { hex, weight: massG * strength };
      }),
  );
}

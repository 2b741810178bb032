import { linearLight } from './linearLight';
import type { Part } from './part';
import type { Ingredient, Role } from '../larder/ingredient';
import type { Pigment } from '../larder/traits';

/** How a thing of each role looks blended, where it has no pigment of its own (J). */
const byRole: Record<Role, Pigment> = {
  legume: { hex: '#d9c79d', strength: 1 },
  'sesame-paste': { hex: '#d9c49a', strength: 1 },
  'nut-seed': { hex: '#d8bd92', strength: 1 },
  'nut-butter': { hex: '#c79c66', strength: 1.1 },
  cheese: { hex: '#efe6c8', strength: 0.9 },
  dairy: { hex: '#f6f3ea', strength: 1 },
  vegetable: { hex: '#c9b98a', strength: 1 },
  green: { hex: '#4c7436', strength: 4 },
  herb: { hex: '#4f7a34', strength: 4 },
  'bread-starch': { hex: '#dcc79e', strength: 0.9 },
  crunch: { hex: '#c9ab7a', strength: 0.9 },
  aromatic: { hex: '#eadfc0', strength: 0.5 },
  umami: { hex: '#b98f5a', strength: 1.2 },
  spice: { hex: '#8f6b3c', strength: 3 },
  sweetener: { hex: '#c98f3a', strength: 0.6 },
  oil: { hex: '#e0cf7a', strength: 0.25 },
  liquid: { hex: '#f2eddd', strength: 0 },
  acid: { hex: '#efe6b0', strength: 0.1 },
  salt: { hex: '#ffffff', strength: 0 },
};

/** How an ingredient colours a blend. */
export function pigmentOf({ pigment, role }: Pick<Ingredient, 'pigment' | 'role'>): Pigment {
  return pigment ?? byRole[role];
}

/** Absorption over scattering of an opaque layer from its reflectance, and back (Kubelka & Munk 1931). */
const absorption = (reflectance: number) => (1 - reflectance) ** 2 / (2 * reflectance);
const reflectanceOf = (ks: number) => 1 + ks - Math.sqrt(ks * ks + 2 * ks);

/** Linear light back to sRGB (IEC 61966-2-1). */
const encoded = (light: number) =>
  light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;

function channels(hex: string): [number, number, number] {
  const within = (light: number) => Math.min(0.98, Math.max(0.01, light));
  const [red, green, blue] = linearLight(hex);
  return [within(red), within(green), within(blue)];
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
  const lights = pigments.map(({ hex, weight }) => ({
    light: channels(hex),
    share: weight / total,
  }));
  const mixed = ([0, 1, 2] as const).map((channel) =>
    lights.reduce((sum, { light, share }) => sum + share * absorption(light[channel]), 0),
  );
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

import { allergenWord } from '../larder/allergenWord';
import type { Ingredient } from '../larder/ingredient';
import type { Part } from '../mix/part';

/** One ingredient as a label lists it. */
export interface LabelItem {
  /** In the words of a list: `chickpeas, canned`. */
  name: string;
  /** Allergens in it, in words. */
  allergens: string[];
  /** What it is made of itself, heaviest first; empty for a simple thing. */
  of: LabelItem[];
  g: number;
}

/** What a made thing is made of, by the id of what it is in the larder. */
export type MadeOf = ReadonlyMap<string, readonly Pick<Part, 'ingredient' | 'massG'>[]>;

/** An ingredient's name as a label says it: what it is, without how it was bought or cut. */
function labelName({ name }: Pick<Ingredient, 'name'>): string {
  const [plain = name] = name
    .replace(/ \([^)]*\)/g, '')
    .replace(/^[^:]+: /, '')
    .split(', ');
  return plain.charAt(0).toLowerCase() + plain.slice(1);
}

/**
 * Ingredients by descending mass as they went in, made ones opened in their place.
 *
 * @param parts all that is in it, with what goes on top
 * @param madeOf what was made here, opened one level for each that it is made of; its depth is bounded by the caller
 * @param lostWaterG water boiled away, taken off what is water
 */
export function labelItems(
  parts: readonly Pick<Part, 'ingredient' | 'massG'>[],
  madeOf: MadeOf = new Map(),
  lostWaterG = 0,
): LabelItem[] {
  const items = new Map<string, LabelItem>();
  let lost = lostWaterG;
  for (const { ingredient, massG } of parts) {
    const isWater = ingredient.waterG >= 99.5 && ingredient.role === 'liquid';
    const off = isWater ? Math.min(lost, massG) : 0;
    lost -= off;
    if (!(massG - off > 0)) continue;
    const inner = madeOf.get(ingredient.id);
    // what was made here goes by the name it was given
    const name = inner ? ingredient.name : labelName(ingredient);
    const known = items.get(name);
    const allergens = ingredient.allergens.map(allergenWord);
    items.set(name, {
      name,
      allergens: [...new Set([...(known?.allergens ?? []), ...allergens])],
      of: known?.of ?? (inner ? labelItems(inner, madeOf) : []),
      g: (known?.g ?? 0) + massG - off,
    });
  }
  return [...items.values()].sort((a, b) => b.g - a.g);
}

/** Allergens of items and of what those are made of, each once. */
export function labelAllergens(items: readonly LabelItem[]): string[] {
  return [...new Set(items.flatMap((one) => [...one.allergens, ...labelAllergens(one.of)]))].sort();
}

/** Words of a name, those that name an allergen of it told apart: `walnuts` of walnut. */
export function setOff(
  name: string,
  allergens: readonly string[],
): { text: string; off: boolean }[] {
  return name.split(/(\s+)/).map((text) => ({
    text,
    off: allergens.some((one) =>
      one.split(' ').some((word) => text.toLowerCase().startsWith(word)),
    ),
  }));
}

/** Allergens of an item that its name does not name. */
export const unnamed = ({ name, allergens, of }: LabelItem): string[] =>
  of.length > 0 ? [] : allergens.filter((one) => !setOff(name, [one]).some(({ off }) => off));

/** The list as text, what someone may react to in capitals. */
export function labelText(items: readonly LabelItem[]): string {
  return items
    .map((item) => {
      const { name, allergens, of } = item;
      const words = setOff(name, allergens)
        .map(({ text, off }) => (off ? text.toUpperCase() : text))
        .join('');
      const more = unnamed(item).map((one) => one.toUpperCase());
      const inner = of.length > 0 ? [labelText(of)] : [];
      const brackets = [...more, ...inner].join(', ');
      return brackets === '' ? words : `${words} (${brackets})`;
    })
    .join(', ');
}

import type { Part } from '../bowl/part';

/** Something that can hurt someone, shown where it applies. */
export interface Caution {
  id: string;
  message: string;
}

interface CautionRule extends Caution {
  /** Ids of ingredients that raise it. */
  when: RegExp;
}

/** Usual guidance only; every message defers to local codes where they say more. */
const rules: readonly CautionRule[] = [
  {
    id: 'raw-pulses',
    when: /-dried$/,
    message: 'Dried pulses are not eaten raw: soak and cook them through first.',
  },
  {
    id: 'kidney-beans',
    when: /^kidney-beans/,
    message:
      'Red kidney beans from dried: soak 5 h, throw the water away, boil hard for at least 10 minutes (30 to be safe), never only in a slow cooker. Undercooked they are poisonous.',
  },
  {
    id: 'beans-lectin',
    when: /^(cannellini|navy|great-northern|black-beans|pinto)[a-z-]*-cooked$/,
    message: 'Beans from dried: soak, throw the water away and boil hard for at least 10 minutes.',
  },
  {
    id: 'lupins',
    when: /^lupin/,
    message: 'Lupins only if debittered: bitter ones are poisonous.',
  },
  {
    id: 'favism',
    when: /^broad-beans/,
    message: 'Broad beans can harm people with favism (G6PD deficiency). Say so when serving.',
  },
  {
    id: 'garlic-in-oil',
    when: /^(garlic-oil|garlic-confit)$/,
    message:
      'Garlic in oil can carry botulism: fridge at once, use within 4 days or freeze, never at room temperature. Oil on top does not preserve it.',
  },
  {
    id: 'garlic-kept',
    when: /^(garlic-raw|wild-garlic-leaf)$/,
    message: 'Raw garlic in the dip: keep it at 4 °C or below and eat within 4 days, or freeze.',
  },
  {
    id: 'wild-greens',
    when: /^(nettle|dandelion|chickweed|wild-garlic)/,
    message:
      'Wild greens: only with certain identity and from clean ground; some do not go with some medicines.',
  },
  {
    id: 'nettles',
    when: /^nettle/,
    message: 'Blanch nettles before they are handled or eaten.',
  },
  { id: 'honey', when: /^honey$/, message: 'Honey: not for children under one year.' },
  {
    id: 'read-label',
    when: /(-mix|-blend|miso|stock|capers|-jarred|-canned|yeast)/,
    message: 'Bought blends and jars: read the label for allergens and salt.',
  },
];

/**
 * The cautions that apply to what is in a dip.
 *
 * @param parts everything in, folded in and on top
 * @returns each caution once, in the order of the rules
 */
export function cautionsFor(parts: readonly Part[]): Caution[] {
  return rules
    .filter(({ when }) => parts.some((part) => when.test(part.ingredient.id)))
    .map(({ id, message }) => ({ id, message }));
}

import type { Hazard } from '../larder/traits';
import type { Part } from '../mix/part';

/** Something that can hurt someone, shown where it applies. */
export interface Caution {
  id: string;
  message: string;
}

interface CautionRule extends Caution {
  /** The hazard that raises it. */
  when: Hazard;
}

/** Usual guidance only; every message defers to local codes where they say more. */
const rules: readonly CautionRule[] = [
  {
    id: 'raw-pulses',
    when: 'raw-pulse',
    message: 'Dried pulses are not eaten raw: soak and cook them through first.',
  },
  {
    id: 'kidney-beans',
    when: 'lectin-strong',
    message:
      'Red kidney beans from dried: soak 5 h, throw the water away, boil hard for at least 10 minutes (30 to be safe), never only in a slow cooker. Undercooked they are poisonous.',
  },
  {
    id: 'beans-lectin',
    when: 'lectin',
    message: 'Beans from dried: soak, throw the water away and boil hard for at least 10 minutes.',
  },
  {
    id: 'lupins',
    when: 'bitter-lupin',
    message: 'Lupins only if debittered: bitter ones are poisonous.',
  },
  {
    id: 'favism',
    when: 'favism',
    message: 'Broad beans can harm people with favism (G6PD deficiency). Say so when serving.',
  },
  {
    id: 'garlic-in-oil',
    when: 'garlic-in-oil',
    message:
      'Garlic in oil can carry botulism: fridge at once, use within 4 days or freeze, never at room temperature. Oil on top does not preserve it.',
  },
  {
    id: 'garlic-kept',
    when: 'raw-garlic',
    message: 'Raw garlic in the dip: keep it at 4 °C or below and eat within 4 days, or freeze.',
  },
  {
    id: 'wild-greens',
    when: 'wild-plant',
    message:
      'Wild greens: only with certain identity and from clean ground; some do not go with some medicines.',
  },
  {
    id: 'nettles',
    when: 'stinging',
    message: 'Blanch nettles before they are handled or eaten.',
  },
  {
    id: 'cyanide',
    when: 'cyanogenic',
    message:
      'It can set cyanide free: soak, throw the water away and boil in an open pot, never raw.',
  },
  {
    id: 'raw-egg',
    when: 'raw-egg',
    message:
      'Raw egg: not for young children, in pregnancy, or for people who are old or ill, unless it is pasteurised.',
  },
  {
    id: 'unpasteurised',
    when: 'unpasteurised',
    message: 'Unpasteurised or soft cheese and the like: not in pregnancy.',
  },
  {
    id: 'histamine',
    when: 'histamine',
    message:
      'Cured or smoked fish: keep it cold, use it soon; not in pregnancy unless it is cooked.',
  },
  { id: 'honey', when: 'infant-honey', message: 'Honey: not for children under one year.' },
  {
    id: 'read-label',
    when: 'read-label',
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
    .filter(({ when }) => parts.some(({ ingredient }) => ingredient.hazards.includes(when)))
    .map(({ id, message }) => ({ id, message }));
}

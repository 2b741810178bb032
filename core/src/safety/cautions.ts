import type { Hazard } from '../larder/traits';
import type { Conditions } from '../mix/conditions';
import type { Figures } from '../mix/figures';
import type { WarmMethod } from '../mix/method';
import { temperatureOf } from '../mix/bowlHeat';
import type { Part } from '../mix/part';

/** How much it matters: someone can die of it, someone can come to harm, someone may want to know. */
export const cautionLevels = ['danger', 'care', 'know'] as const;
export type CautionLevel = (typeof cautionLevels)[number];

/** Something that can hurt someone, shown where it applies. */
export interface Caution {
  id: string;
  level: CautionLevel;
  message: string;
}

/** What decides a caution. */
interface Weighed extends Pick<Figures, 'waterOutside'>, Pick<WarmMethod, 'blendC'> {
  /** The hottest thing that goes into the machine, °C. */
  hottestC: number;
  /** Whether something with a hazard is in it, any of it. */
  has(hazard: Hazard): boolean;
  /** Oil poured over it, as a share of the dip. */
  oilOnTop: number;
}

interface CautionRule extends Caution {
  when(facts: Weighed): boolean;
}

/** Over this a mix is hot: steam lifts the lid of a closed jug (engineering judgement). */
const hotFromC = 60;
/** A film of oil this large is poured to keep it, and not to serve it (judgement). */
const sealFrom = 0.05;

const of =
  (...hazards: readonly Hazard[]) =>
  ({ has }: Weighed) =>
    hazards.some(has);

const oilOutside = ({ waterOutside }: Weighed) => waterOutside < 0.5;
const underOil = ({ oilOnTop }: Weighed) => oilOnTop >= sealFrom;

/**
 * Usual guidance only; local codes and licensed practice come first. Every message stands by itself: no other is needed to
 * follow it. docs/science.md lists what raises each.
 */
const rules: readonly CautionRule[] = [
  {
    id: 'raw-pulses',
    level: 'danger',
    when: of('raw-pulse'),
    message: 'Dried pulses are not eaten raw: soak and cook them through first.',
  },
  {
    id: 'kidney-beans',
    level: 'danger',
    when: of('lectin-strong'),
    message:
      'Red kidney beans from dried: soak 5 h, throw the water away, boil hard for at least 10 minutes (30 to be safe), never only in a slow cooker. Undercooked they are poisonous.',
  },
  {
    id: 'garlic-in-oil',
    level: 'danger',
    when: of('garlic-in-oil'),
    message:
      'Garlic in oil can carry botulism: fridge at once, use within 4 days or freeze, never at room temperature. Oil on top does not preserve it.',
  },
  {
    id: 'raw-in-oil',
    level: 'danger',
    when: (facts) =>
      of('raw-garlic', 'raw-in-oil')(facts) && (oilOutside(facts) || underOil(facts)),
    message:
      'Raw garlic, leaves or chillies in oil can carry botulism: fridge at once, eat within 4 days at most or freeze, never at room temperature. Oil on top does not preserve it.',
  },
  {
    id: 'cyanide',
    level: 'danger',
    when: of('cyanogenic'),
    message:
      'It can set cyanide free: soak, throw the water away and boil in an open pot, never raw.',
  },
  {
    id: 'lupins',
    level: 'danger',
    when: of('bitter-lupin'),
    message: 'Lupins only if debittered: bitter ones are poisonous.',
  },
  {
    id: 'hot-jug',
    level: 'danger',
    when: ({ blendC, hottestC }) => Math.max(blendC, hottestC) > hotFromC,
    message:
      'It goes in or comes out hot: fill a closed jug no more than half, open the vent and hold the lid with a cloth. Let hot oil cool before it meets anything wet.',
  },
  {
    id: 'beans-lectin',
    level: 'care',
    when: of('lectin'),
    message: 'Beans from dried: soak, throw the water away and boil hard for at least 10 minutes.',
  },
  {
    id: 'favism',
    level: 'care',
    when: of('favism'),
    message: 'Broad beans can harm people with favism (G6PD deficiency). Say so when serving.',
  },
  {
    id: 'oil-seal',
    level: 'care',
    when: (facts) => underOil(facts) && !of('raw-garlic', 'raw-in-oil', 'garlic-in-oil')(facts),
    message:
      'A layer of oil is no preserve: keep it in the fridge and count the days all the same.',
  },
  {
    id: 'wild-greens',
    level: 'care',
    when: of('wild-plant'),
    message:
      'Wild greens: only with certain identity and from clean ground; some do not go with some medicines.',
  },
  {
    id: 'nettles',
    level: 'care',
    when: of('stinging'),
    message: 'Blanch nettles before they are handled or eaten.',
  },
  {
    id: 'raw-egg',
    level: 'care',
    when: of('raw-egg'),
    message:
      'Raw egg: not for young children, in pregnancy, or for people who are old or ill, unless it is pasteurised.',
  },
  {
    id: 'unpasteurised',
    level: 'care',
    when: of('unpasteurised'),
    message:
      'Soft, fresh or blue cheese: in pregnancy only if it is made from pasteurised milk, blue ones only cooked.',
  },
  {
    id: 'smoked-fish',
    level: 'care',
    when: of('smoked-fish'),
    message: 'Smoked or cured fish: not in pregnancy unless it is cooked through.',
  },
  {
    id: 'histamine',
    level: 'care',
    when: of('histamine'),
    message: 'Fish in it: keep it at 4 °C or below the whole time and use it soon.',
  },
  {
    id: 'honey',
    level: 'care',
    when: of('infant-honey'),
    message: 'Honey: not for children under one year.',
  },
  {
    id: 'read-label',
    level: 'know',
    when: of('read-label'),
    message: 'Bread, olives, blends and sauces: read the label for allergens and salt.',
  },
];

/**
 * The cautions that apply to a dip. Decided by traits of what is in it, by which liquid is outside and by how hot it is blended.
 *
 * @param parts everything in, folded in and on top
 * @param figures of the dip
 * @param conditions it is made under
 * @returns each caution once, danger first
 */
export function cautionsFor(
  parts: readonly Part[],
  { waterOutside }: Pick<Figures, 'waterOutside'>,
  { method }: Pick<Conditions, 'method'>,
): Caution[] {
  const there = parts.filter(({ massG }) => massG > 0);
  const massOf = (some: readonly Part[]) => some.reduce((sum, { massG }) => sum + massG, 0);
  const oil = there.filter(({ ingredient, place }) => place === 'top' && ingredient.role === 'oil');
  const dipG = massOf(there.filter(({ place }) => place !== 'top'));
  const weighed: Weighed = {
    waterOutside,
    blendC: method.blendC,
    hottestC: Math.max(
      ...there.map((part) => (part.place === 'bowl' ? temperatureOf(part) : 0)),
      0,
    ),
    has: (hazard) => parts.some(({ ingredient }) => ingredient.hazards.includes(hazard)),
    oilOnTop: dipG > 0 ? massOf(oil) / dipG : 0,
  };
  return rules
    .filter(({ when }) => when(weighed))
    .map(({ id, level, message }) => ({ id, level, message }));
}

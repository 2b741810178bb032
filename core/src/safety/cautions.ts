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
  /** Ids of what raises it, each once; empty where it is the dip as a whole. */
  from: readonly string[];
}

/** What of a dip decides a caution beside what is in it. */
interface Weighed extends Pick<Figures, 'waterOutside'> {
  /** Whether something with a hazard is in it. */
  has(hazard: Hazard): boolean;
  /** Oil poured over it, as a share of the dip. */
  oilOnTop: number;
}

interface CautionRule extends Omit<Caution, 'from'> {
  /** What of its parts raises it. */
  raises(part: Part): boolean;
  /** Whether what raises it does so in this dip; always, when left out. */
  when?(facts: Weighed): boolean;
  /** What raises it whatever is in it. */
  itself?(method: Pick<WarmMethod, 'blendC'>): boolean;
}

/** Over this a mix is hot: steam lifts the lid of a closed jug (engineering judgement). */
const hotFromC = 60;
/** A film of oil this large is poured to keep it, and not to serve it (judgement). */
const sealFrom = 0.05;

const of =
  (...hazards: readonly Hazard[]) =>
  ({ ingredient }: Part) =>
    hazards.some((hazard) => ingredient.hazards.includes(hazard));
const isOilOnTop = ({ ingredient, place }: Part) => place === 'top' && ingredient.role === 'oil';
const rawInOil = ['raw-garlic', 'raw-in-oil'] as const;

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
    raises: of('raw-pulse'),
    message: 'Dried pulses are not eaten raw: soak and cook them through first.',
  },
  {
    id: 'kidney-beans',
    level: 'danger',
    raises: of('lectin-strong'),
    message:
      'Red kidney beans from dried: soak 5 h, throw the water away, boil hard for at least 10 minutes (30 to be safe), never only in a slow cooker. Undercooked they are poisonous.',
  },
  {
    id: 'garlic-in-oil',
    level: 'danger',
    raises: of('garlic-in-oil'),
    message:
      'Garlic in oil can carry botulism: fridge at once, use within 4 days or freeze, never at room temperature. Oil on top does not preserve it.',
  },
  {
    id: 'raw-in-oil',
    level: 'danger',
    raises: of(...rawInOil),
    when: (facts) => oilOutside(facts) || underOil(facts),
    message:
      'Raw garlic, leaves or chillies in oil can carry botulism: fridge at once, eat within 4 days at most or freeze, never at room temperature. Oil on top does not preserve it.',
  },
  {
    id: 'cyanide',
    level: 'danger',
    raises: of('cyanogenic'),
    message:
      'It can set cyanide free: soak, throw the water away and boil in an open pot, never raw.',
  },
  {
    id: 'lupins',
    level: 'danger',
    raises: of('bitter-lupin'),
    message: 'Lupins only if debittered: bitter ones are poisonous.',
  },
  {
    id: 'hot-jug',
    level: 'danger',
    raises: (part) => part.place === 'bowl' && temperatureOf(part) > hotFromC,
    itself: ({ blendC }) => blendC > hotFromC,
    message:
      'It goes in or comes out hot: fill a closed jug no more than half, open the vent and hold the lid with a cloth. Let hot oil cool before it meets anything wet.',
  },
  {
    id: 'beans-lectin',
    level: 'care',
    raises: of('lectin'),
    message: 'Beans from dried: soak, throw the water away and boil hard for at least 10 minutes.',
  },
  {
    id: 'favism',
    level: 'care',
    raises: of('favism'),
    message: 'Broad beans can harm people with favism (G6PD deficiency). Say so when serving.',
  },
  {
    id: 'oil-seal',
    level: 'care',
    raises: isOilOnTop,
    when: (facts) => underOil(facts) && ![...rawInOil, 'garlic-in-oil' as const].some(facts.has),
    message:
      'A layer of oil is no preserve: keep it in the fridge and count the days all the same.',
  },
  {
    id: 'wild-greens',
    level: 'care',
    raises: of('wild-plant'),
    message:
      'Wild greens: only with certain identity and from clean ground; some do not go with some medicines.',
  },
  {
    id: 'nettles',
    level: 'care',
    raises: of('stinging'),
    message: 'Blanch nettles before they are handled or eaten.',
  },
  {
    id: 'raw-egg',
    level: 'care',
    raises: of('raw-egg'),
    message:
      'Raw egg: not for young children, in pregnancy, or for people who are old or ill, unless it is pasteurised.',
  },
  {
    id: 'unpasteurised',
    level: 'care',
    raises: of('unpasteurised'),
    message:
      'Soft, fresh or blue cheese: in pregnancy only if it is made from pasteurised milk, blue ones only cooked.',
  },
  {
    id: 'smoked-fish',
    level: 'care',
    raises: of('smoked-fish'),
    message: 'Smoked or cured fish: not in pregnancy unless it is cooked through.',
  },
  {
    id: 'histamine',
    level: 'care',
    raises: of('histamine'),
    message: 'Fish in it: keep it at 4 °C or below the whole time and use it soon.',
  },
  {
    id: 'honey',
    level: 'care',
    raises: of('infant-honey'),
    message: 'Honey: not for children under one year.',
  },
  {
    id: 'read-label',
    level: 'know',
    raises: of('read-label'),
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
  const dipG = massOf(there.filter(({ place }) => place !== 'top'));
  const facts: Weighed = {
    waterOutside,
    has: (hazard) => parts.some(of(hazard)),
    oilOnTop: dipG > 0 ? massOf(there.filter(isOilOnTop)) / dipG : 0,
  };
  return rules.flatMap(({ id, level, message, raises, when, itself }): Caution[] => {
    const raised = when?.(facts) === false ? [] : parts.filter(raises);
    const from = [...new Set(raised.map(({ ingredient }) => ingredient.id))];
    return from.length > 0 || itself?.(method) === true ? [{ id, level, message, from }] : [];
  });
}

/** The cautions an ingredient raises that must be minded where it is handled: dangers and cares, not what one may want to know. */
export const cautionsRaisedBy = (cautions: readonly Caution[], ingredientId: string): Caution[] =>
  cautions.filter(({ level, from }) => level !== 'know' && from.includes(ingredientId));

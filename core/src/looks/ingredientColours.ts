import type { Ingredient, Role } from '../larder/ingredient';

/** How a thing looks when it is blended, and how strongly it colours what it is blended with (judgement). */
export interface Pigment {
  /** #rrggbb of the thing by itself. */
  hex: string;
  /** 0 clear – 1 as a pulse – 10 a dye, for the same mass. */
  strength: number;
}

/** The first rule that an id meets counts. */
const rules: readonly (readonly [RegExp, string, number])[] = [
  [/^beetroot-juice/, '#7d1136', 8],
  [/^beetroot/, '#7b1a3a', 6],
  [/^(black-beans|pinto)/, '#5d4038', 1.6],
  [/^kidney-beans/, '#8a4a42', 1.4],
  [/^(edamame|green-peas|split-peas-green|broad-beans-fresh)/, '#9cb357', 1.2],
  [/^(split-peas-yellow|red-lentils|mung|pigeon)/, '#d9ae4e', 1.1],
  [/^(brown-green|black-eyed|broad-beans)/, '#a08b63', 1.1],
  [/^lupins/, '#e2c25b', 1],
  [/^(cannellini|butter-beans|navy|great-northern|soy-beans)/, '#e9dfc6', 1],
  [/^chickpea/, '#e3cb98', 1],
  [/^(pumpkin-roast|butternut|pumpkin-canned|pumpkin-roasted)/, '#d98a35', 1.5],
  [/^(carrot-roasted|sweet-potato)/, '#d67a2e', 1.7],
  [/^(red-pepper)/, '#b8352a', 2.2],
  [/^(sun-dried-tomato|tomato)/, '#b23a27', 2.4],
  [/^aubergine/, '#a2937a', 1],
  [/^(cucumber|courgette)/, '#c7d2a0', 0.7],
  [/^avocado$/, '#a9b95c', 1.2],
  [/^(spinach|kale|nettle|carrot-tops|beet-greens)/, '#3f6130', 4],
  [/^(artichoke|celeriac|cauliflower|potato|onion-raw)/, '#d9d1ac', 0.9],
  [/^onion-caramelised/, '#8a5a2c', 1.6],
  [/^mushroom/, '#8d7660', 1.3],
  [/^radish-raw/, '#e8b8bf', 0.8],
  [/^(red-chilli|cayenne|chilli|paprika)/, '#b5341c', 6],
  [/^tahini-black/, '#3b3733', 4],
  [/^tahini-unhulled/, '#b89a6a', 1.1],
  [/^(tahini|sesame)/, '#d9c49a', 1],
  [/^(poppy|flaxseed)/, '#5b4a3a', 1.6],
  [/^pistachio/, '#a8ad5c', 1.3],
  [/^pumpkin-seed/, '#8d9a58', 1.3],
  [/^(hazelnut|walnut|pecan|almond-smoked)/, '#b98f63', 1.1],
  [/^turmeric/, '#d99a12', 12],
  [/^cocoa/, '#4a2b20', 6],
  [/^(cumin|coriander-seed|zaatar|dukkah|black-pepper)/, '#8b6b3f', 3],
  [/^sumac/, '#7d2430', 4],
  [/^(olives-black|balsamic|soy-sauce|pomegranate|tamarind|date-syrup)/, '#3f2a22', 3],
  [/^(olives-green|capers)/, '#8b8b45', 1.4],
  [/^(miso-red)/, '#8a4f2a', 1.6],
  [/^miso/, '#cfa968', 1.1],
  [/^(olive-oil|avocado-oil)/, '#c3b65a', 0.35],
  [/^chilli-oil/, '#b5441c', 1.5],
];

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
export function pigmentOf({ id, role }: Pick<Ingredient, 'id' | 'role'>): Pigment {
  const rule = rules.find(([pattern]) => pattern.test(id));
  return rule ? { hex: rule[1], strength: rule[2] } : byRole[role];
}

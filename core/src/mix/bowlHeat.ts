import type { Ingredient } from '../larder/ingredient';
import type { Stored } from '../larder/traits';
import type { Part } from './part';

/** What heat needs of a part: what it is made of, how much, and how warm it goes in where the cook says so. */
type Heated = Pick<Part, 'ingredient' | 'massG' | 'place' | 'atC'>;

/** How warm a bowl comes out of the machine. */
export interface BowlHeat {
  /** °C */
  atC: number;
  /** Water that is still ice, g. */
  iceG: number;
}

/** How warm things go in from where they are kept, °C (engineering judgement). */
const usualAtC: Readonly<Record<Stored, number>> = { room: 21, fridge: 5, freezer: -18 };

/**
 * Heat a blade gives half a kilo, W, and what the vessel takes up, J/K (engineering judgement: an everyday hummus comes warm
 * out of a food processor, a soup hot out of a jug in minutes).
 */
const machineHeat: Readonly<Record<string, { bladeW: number; vesselJPerK: number }>> = {
  'food-processor': { bladeW: 70, vesselJPerK: 250 },
  'jug-blender': { bladeW: 220, vesselJPerK: 400 },
  'stick-blender': { bladeW: 55, vesselJPerK: 200 },
  mortar: { bladeW: 2, vesselJPerK: 800 },
  knife: { bladeW: 0, vesselJPerK: 0 },
  fork: { bladeW: 1, vesselJPerK: 200 },
  whisk: { bladeW: 3, vesselJPerK: 200 },
};
/** A machine nobody has measured warms like this one. */
const likeAny = 'food-processor';
const noHeat = { bladeW: 0, vesselJPerK: 0 };

/** kJ/kg·K at kitchen temperatures (Choi and Okos 1986, rounded at 20 °C). */
const specificHeat = {
  water: 4.18,
  protein: 2.01,
  fat: 1.98,
  carbohydrate: 1.55,
  fibre: 1.85,
  ash: 1.09,
};
const iceHeat = 2.05;
/** kJ/kg, of melting ice. */
const latentHeat = 333.6;
/** Where food begins to freeze, °C: its water holds salt and sugar (engineering judgement). */
const foodFreezesC = -1;
/** What is more water than this freezes as water does, g per 100 g. */
const plainWater = 99.5;
/** Not quite 0, so that heat grows with temperature without a jump. */
const waterFreezesC = -0.01;
/** Where water boils and takes no more heat, °C. */
const boilsC = 100;
const coldestC = -40;

/** A gram of something as heat has it, J/K and g of water. */
interface Heat {
  massG: number;
  /** Of everything but water, J/K. */
  solidsJPerK: number;
  waterG: number;
  freezesC: number;
}

function heatOf(ingredient: Ingredient, massG: number): Heat {
  const { waterG, fatG, proteinG, starchG, sugarsG, fibreG, saltG, acidG, ashG } = ingredient;
  const per100g =
    specificHeat.fat * fatG +
    specificHeat.protein * proteinG +
    specificHeat.carbohydrate * (starchG + sugarsG + acidG) +
    specificHeat.fibre * fibreG +
    specificHeat.ash * (saltG + ashG);
  return {
    massG,
    solidsJPerK: (per100g * massG) / 100,
    waterG: (waterG * massG) / 100,
    freezesC: waterG > plainWater ? waterFreezesC : foodFreezesC,
  };
}

/** g of its water that is ice at a temperature: 1 − Tf/T of it (ideal freezing-point lowering). */
function iceAt({ waterG, freezesC }: Heat, atC: number): number {
  return atC >= freezesC ? 0 : waterG * (1 - freezesC / atC);
}

/** Heat held above the same thing at 0 °C unfrozen, J. */
function heldJ(heat: Heat, atC: number): number {
  const iceG = iceAt(heat, atC);
  const perK = heat.solidsJPerK + specificHeat.water * (heat.waterG - iceG) + iceHeat * iceG;
  return perK * atC - latentHeat * iceG;
}

/** How warm a thing goes in where nobody says: from where it is kept, °C. */
export const usualTemperature = ({ stored }: { stored: Stored }): number => usualAtC[stored];

/** How warm a part goes in, °C. */
export const temperatureOf = ({ ingredient, atC }: Pick<Part, 'ingredient' | 'atC'>): number =>
  atC ?? usualTemperature(ingredient);

/**
 * How warm what is blended comes out of the machine: a heat balance of what goes in, the vessel, and the
 * blade's heat, W by machine for half a kilo and with the root of the mass (engineering judgement). Ice melts before anything
 * gets warm. The air and what evaporates are left out.
 *
 * @param parts those in the bowl count
 * @param ranMin how long the machine runs, minutes ≥ 0
 * @param vesselC how warm the vessel is, °C; as the room unless said
 * @returns °C, −40–100, and g of ice still in it; null for an empty bowl
 */
export function bowlHeat(
  parts: readonly Heated[],
  machineId: string,
  ranMin: number,
  vesselC: number = usualAtC.room,
): BowlHeat | null {
  const { bladeW, vesselJPerK } = machineHeat[machineId] ?? machineHeat[likeAny] ?? noHeat;
  const all: Heat = { massG: 0, solidsJPerK: 0, waterG: 0, freezesC: 0 };
  let lowered = 0;
  let wantedJ = vesselJPerK * vesselC;
  for (const part of parts) {
    if (part.place !== 'bowl' || !(part.massG > 0)) continue;
    const heat = heatOf(part.ingredient, part.massG);
    wantedJ += heldJ(heat, temperatureOf(part));
    all.massG += heat.massG;
    all.solidsJPerK += heat.solidsJPerK;
    all.waterG += heat.waterG;
    lowered += heat.freezesC * heat.waterG;
  }
  if (all.massG === 0) return null;
  // what lowers the freezing point is spread over all the water
  all.freezesC = all.waterG > 0 ? lowered / all.waterG : foodFreezesC;
  wantedJ += bladeW * Math.sqrt(all.massG / 500) * ranMin * 60;
  // what is held grows with temperature, so halving finds it
  let [low, high] = [coldestC, boilsC];
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (heldJ(all, middle) + vesselJPerK * middle < wantedJ) low = middle;
    else high = middle;
  }
  return { atC: high, iceG: iceAt(all, high) };
}

import starting from './bodyParameters.json';
import type { Structure } from '../larder/ingredient';

/** How a structure takes up room: g of water it would hold swelling freely, per g or as a share; other shares 0–1. */
export interface StructureParameters {
  waterPerProtein: number;
  waterPerStarch: number;
  waterPerFibre: number;
  ownWaterHeld: number;
  /** Crowding at which it begins to yield with water outside. */
  onset: number;
  /** Volume that held fat counts, per ml of it. */
  fatVolume: number;
  /** Share of fat set free; of nuts at the usual grind. */
  fatSetFree: number;
  /** ml of oil kept still, per g of protein and fibre, and per g of starch. */
  oilPerSolid: number;
  oilPerStarch: number;
  /** Weight of its own water in the volume with oil outside. */
  waterInOil: number;
  /** Share of its water and solutes that counts as water phase. */
  waterOutside: number;
  /** Emulsifier per g of structural solids. */
  emulsifier: number;
}

/** Body gained by a fat that sets, where all of the mix were that fat: °C at which it is liquid, body when wholly set. */
interface SettingFat {
  setC: number;
  body: number;
}

/** Parameters of the body model, fitted with priors to the judged anchors (`npm run fit`), and what is judged beside them. */
export interface BodyParameters {
  structures: Record<Structure, StructureParameters>;
  law: { a: number; n: number; m: number; softness: number };
  onset: { usual: number; oilSide: number };
  freeOil: { weight: number; jamming: number };
  nutGrind: {
    usual: number;
    freedCoarse: number;
    mealOil: number;
    butterOil: number;
    /** Minutes in which a machine takes nuts most of the way to butter. */
    minutes: Readonly<Record<string, number>>;
  };
  inversion: {
    ratioPlain: number;
    ratioEmulsified: number;
    emulsifierHalf: number;
    width: number;
    streaming: number;
    floor: number;
  };
  crumbs: { body: number; oilSideCrowding: number };
  temperature: {
    freshC: number;
    water: number;
    starch: number;
    oil: number;
    setsAboveC: number;
    olive: SettingFat;
    coconut: SettingFat;
    milk: SettingFat;
  };
  rest: { body: number; dry: number; minutes: number };
  grind: { coarse: number; normal: number; silky: number };
  airPerPercent: number;
  /** One standard deviation of body for the most usual mix, and how it grows with distance from what was judged. */
  spread: { body: number; growth: number };
}

export const startingBodyParameters: BodyParameters = starting;

import starting from './bodyParameters.json';
import type { Structure } from '../larder/ingredient';

/** How a structure holds water and oil; g per g of structural solids, shares 0–1. */
interface StructureParameters {
  waterHeldPerStructuralSolid: number;
  oilHeldPerStructuralSolid: number;
  ownWaterKept: number;
  fatSetFree: number;
}

/** Parameters of the body model, fitted with priors to the judged anchors (`npm run fit`). */
export interface BodyParameters {
  structures: Record<Structure, StructureParameters>;
  waterContinuous: {
    a: number;
    b: number;
    max: number;
    onset: number;
    freeOilWeight: number;
    dairyShare: number;
    vegetableShare: number;
  };
  oilContinuous: {
    a: number;
    b: number;
    max: number;
    onset: number;
    freeWaterWeight: number;
    seizing: number;
  };
  inversion: { ratio: number; width: number; leafDelay: number };
  residualSdBody: number;
}

export const startingBodyParameters: BodyParameters = starting;

import { chilled, fresh, modelBody, type Moment, shownBody } from '../body/bodyAt';
import { type BodyState, bodyState } from '../body/bodyModel';
import { type Correction, spreadLeft } from '../calibration/correction';
import type { Method } from '../body/conditions';
import { type BodyParameters, startingBodyParameters } from '../body/parameters';
import { type BodyWord, bodyWord, yieldStressPa } from '../body/words';
import { addTo, type BowlSums, emptyBowl, volumeMl } from '../bowl/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../bowl/part';
import type { MeasureSystem } from '../quantity/measureSystem';
import { type Per100g, per100g } from '../seasoning/per100g';
import { type Caution, cautionsFor } from './cautions';
import { fragileBeyond, spoonBody } from './fragile';
import { measuringSd } from './measuringSd';
import { type SeasoningSd, seasoningSd } from './seasoningSd';

export type MixState = 'pours' | 'paste' | 'crumbs';

/** Body of the dip; figures are null for crumbs and an empty bowl. All are model estimates. */
export interface BodyAnalysis {
  /** Just blended, at 25 °C. */
  fresh: number | null;
  /** At the machine's temperature, before any rest. */
  machine: number | null;
  /** Rested, at 5 °C. */
  chilled: number | null;
  /** Rested, at the temperature it is served. */
  served: number | null;
  /** One standard deviation, from the model and from the measuring together. */
  sd: number;
  word: BodyWord | null;
  chilledWord: BodyWord | null;
  state: MixState;
  /** Of the fresh mix. */
  yieldStressPa: number | null;
  continuous: 'water' | 'oil';
}

/** Where the bowl stands after one addition. */
export interface PathStep {
  ingredient: string;
  massG: number;
  /** Fresh body at 25 °C; null for crumbs and while the bowl is empty. */
  body: number | null;
  /** One standard deviation of body from measuring alone. */
  measuringSd: number;
  /** One standard deviation of body from the model alone, as far as readings have narrowed it. */
  modelSd: number;
  /** Body that one spoon or piece more of this ingredient would add here; null where there is no body. */
  spoonBody: number | null;
  /** A spoon of it does much. */
  fragile: boolean;
  /** One standard deviation of salt, sour and garlic from measuring, g per 100 g. */
  seasoningSd: SeasoningSd;
  state: MixState;
  saltG: number;
  acidG: number;
  garlicG: number;
  /** In the bowl and folded in so far. */
  totalG: number;
}

export interface Analysis {
  /** In the bowl and folded in; what goes on top is counted apart. */
  massG: number;
  /** With air. */
  volumeMl: number;
  topG: number;
  body: BodyAnalysis;
  per100g: Per100g;
  allergens: string[];
  path: PathStep[];
  warnings: Caution[];
}

export interface AnalysisInput {
  parts: readonly Part[];
  method: Method;
  /** °C, −2–60 */
  servedAtC: number;
  /** Whose spoons; US when left out. */
  measures?: MeasureSystem;
  /** What this kitchen's readings have taught of this formula. */
  correction?: Correction;
  parameters?: BodyParameters;
}

/** Below this body a mix pours. */
const poursBelow = 3;

/** Crumbs are what has no body though the bowl is not empty. */
function mixState(state: BodyState | null, body: number | null): MixState {
  if (state?.crumbs) return 'crumbs';
  return (body ?? 0) < poursBelow ? 'pours' : 'paste';
}

/** The fit's residual, as far as readings have narrowed it at this mix. */
function modelSd(state: BodyState | null, input: AnalysisInput, belonging = 1): number {
  const { method, correction, parameters = startingBodyParameters } = input;
  if (!state || !correction) return parameters.residualSdBody;
  return (
    parameters.residualSdBody *
    spreadLeft(correction, modelBody(state, method), state.waterOutside, belonging)
  );
}

function analyseBody(blended: BowlSums, input: AnalysisInput, sdMeasuring: number): BodyAnalysis {
  const { method, servedAtC, correction, parameters } = input;
  const state = bodyState(blended, parameters);
  const at = (moment: Moment) => shownBody(blended, state, method, moment, correction);
  const freshBody = at(fresh);
  const chilledBody = at(chilled);
  return {
    fresh: freshBody,
    machine: at({ atC: method.blendC, restedForMinutes: 0 }),
    chilled: chilledBody,
    served: at({ ...chilled, atC: servedAtC }),
    sd: Math.hypot(modelSd(state, input), sdMeasuring),
    word: freshBody === null ? null : bodyWord(freshBody),
    chilledWord: chilledBody === null ? null : bodyWord(chilledBody),
    state: mixState(state, freshBody),
    yieldStressPa: freshBody === null ? null : yieldStressPa(freshBody),
    continuous: !state || state.waterOutside >= 0.5 ? 'water' : 'oil',
  };
}

/**
 * Everything the model says of a dip: body after each addition and at the end, seasoning, yield, allergens.
 *
 * @param input parts in the order they go in; the same ingredient may come several times
 * @returns the analysis; an empty list gives a dip of no mass
 */
export function analyse(input: AnalysisInput): Analysis {
  const { parts, method, parameters, correction, measures = 'us' } = input;
  const blended = emptyBowl();
  const all = emptyBowl();
  const path: PathStep[] = [];
  const finished = bowlMass(parts);
  let topG = 0;
  let body: number | null = null;
  let state: MixState = 'pours';
  let sd = 0;
  let sdModel = modelSd(null, input);
  parts.forEach((part, index) => {
    const per = partSumsPerGram(part, parameters);
    let spoon: number | null = null;
    if (part.place === 'top') topG += part.massG;
    else addTo(all, per, part.massG);
    if (part.place === 'bowl') {
      addTo(blended, per, part.massG);
      const now = bodyState(blended, parameters);
      // half a dip is only half the formula that was read
      const belonging = finished > 0 ? (blended[0] ?? 0) / finished : 1;
      body = shownBody(blended, now, method, fresh, correction, belonging);
      state = mixState(now, body);
      sdModel = modelSd(now, input, belonging);
      const paste = body === null ? null : now;
      spoon = paste && spoonBody(part, blended, paste, measures, parameters);
      sd = paste ? measuringSd(parts, index + 1, blended, paste, parameters) : 0;
    }
    const { saltG, acidG, garlicG } = per100g(all);
    path.push({
      ingredient: part.ingredient.id,
      massG: part.massG,
      body,
      measuringSd: sd,
      modelSd: sdModel,
      spoonBody: spoon,
      fragile: Math.abs(spoon ?? 0) > fragileBeyond,
      seasoningSd: seasoningSd(parts, index + 1, all, parameters),
      state,
      saltG,
      acidG,
      garlicG,
      totalG: all[0] ?? 0,
    });
  });
  const foldMl = volumeMl(all) - volumeMl(blended);
  return {
    massG: all[0] ?? 0,
    volumeMl: volumeMl(blended) * (1 + method.overrunPct / 100) + foldMl,
    topG,
    body: analyseBody(blended, input, sd),
    per100g: per100g(all),
    allergens: [...new Set(parts.flatMap((part) => part.ingredient.allergens))].sort(),
    path,
    warnings: cautionsFor(parts),
  };
}

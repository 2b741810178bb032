import { type Analysis, analyse } from '../dip/analyse';
import type { Conditions } from '../mix/conditions';
import type { MeasureSystem } from '../amounts/measureSystem';
import { nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import { isWeighed } from '../amounts/isWeighed';
import { readGrams } from '../amounts/toGrams';
import { type BoughtDifference, buysDifference } from './buysDifference';
import { type Conflict, findConflicts } from './conflicts';
import { landInGrams, landedWithin } from './land';
import { type KitchenRow, landInKitchenMeasures } from './landInKitchenMeasures';
import type { Landing, LandingRequest, LandingRow } from './landing';
import { isFixed, prepareLanding, totalMiss } from './landing';
import type { LandingOdds } from './landingOdds';
import { packsIn } from '../amounts/packsIn';
import { attemptsAt } from './whatMoves';
import type { LinearSolver } from './linearProgram';
import type { LinearRule } from '../mix/rule';
import type { Targets } from '../mix/targets';

/** A part to land, with its amount as it was typed. */
export interface LandingPart extends LandingRow {
  amountText: string;
}

export interface LandPartsRequest {
  parts: readonly LandingPart[];
  targets: Targets;
  kitchenMeasures: boolean;
  conditions: Conditions;
  /** What holds between the parts, by place. */
  rules?: readonly LinearRule[];
}

/** A row after landing. */
export interface LandedPart {
  ingredient: string;
  massG: number;
  amount: string;
}

export type LandAnswer =
  | {
      feasible: true;
      parts: LandedPart[];
      analysis: Analysis;
      /** Where warm and cold are both asked for: what buys the difference between them. */
      buysDifference?: BoughtDifference;
      /** How often it lands, measured as written; where it was asked for in kitchen measures. */
      odds?: LandingOdds;
    }
  | {
      feasible: false;
      conflicts: Conflict[];
      nearest: { parts: LandedPart[]; analysis: Analysis };
    };

function kitchenRow(part: LandingPart): KitchenRow {
  return {
    ...part,
    inKitchenMeasures: part.massG > 0 && !isWeighed(part.amountText),
    packs: part.massG > 0 ? packsIn(part.amountText) : null,
  };
}

/** Grams in text, with a tenth at 10 g and hundredths below; finer when asked. */
function gramText(massG: number, extraDecimals: number): string {
  const decimals = (massG >= 10 ? 1 : 2) + extraDecimals;
  return `${Number(massG.toFixed(decimals))} g`;
}

interface Amounts {
  masses: number[];
  texts: string[];
}

/** Landed grams as text, as coarsely as the bands allow; rows that did not move keep their text. */
function gramAmounts(
  request: LandingRequest,
  parts: readonly LandingPart[],
  masses: readonly number[],
): Amounts {
  const landing = prepareLanding(request);
  let amounts: Amounts = { masses: [], texts: [] };
  for (const extra of [0, 1, 2]) {
    const texts = parts.map((part, i) => {
      const massG = masses[i] ?? part.massG;
      const still = isFixed(part) || Math.abs(massG - part.massG) <= 1e-6 * Math.max(1, massG);
      return still ? part.amountText : gramText(massG, extra);
    });
    const rounded = texts.map((text, i) => {
      const part = parts[i];
      if (!part || text === part.amountText) return part?.massG ?? 0;
      return Number(text.replace(' g', ''));
    });
    amounts = { masses: rounded, texts };
    if (totalMiss(landing, request.targets, rounded) <= landedWithin) break;
  }
  return amounts;
}

/** A landing's amounts with what they come to. */
export function answerParts(request: LandPartsRequest, amounts: Amounts) {
  const parts = request.parts.map((part, i): LandedPart => ({
    ingredient: part.ingredient.id,
    massG: amounts.masses[i] ?? part.massG,
    amount: amounts.texts[i] ?? part.amountText,
  }));
  const analysed = request.parts.map((part, i) => {
    const massG = amounts.masses[i] ?? part.massG;
    const read = readGrams(amounts.texts[i] ?? '', part.ingredient, request.conditions.measures);
    return { ...part, massG, cv: read.ok ? read.value.cv : part.cv };
  });
  return { parts, analysis: analyse(analysed, request.conditions) };
}

/**
 * Lands a dip and says it in amounts: kitchen measures or grams, held rows untouched, and what fights when it
 * can't be done. Every landing is evaluated again from its amounts with the full model before it is called one.
 *
 * @param request parts with masses in g, bands, measure system
 * @param solver linear solver
 */
export function landParts(request: LandPartsRequest, solver: LinearSolver): LandAnswer {
  for (const { parts, holds } of attemptsAt(request.parts, request.targets)) {
    // what is only held to be left alone is let go sooner than room for measuring
    const tries = holds ? [roomy] : [roomy, undefined];
    for (const aim of tries) {
      const last = !holds && aim === undefined;
      const landed = landOnce({ ...request, parts }, aim, last, solver);
      if (landed) return landed;
    }
  }
  throw new Error('there is always an attempt with everything free');
}

/** How far inside each band to aim, as a share of its width, so that a spoon measured badly still lands (judgement). */
const roomy = 0.2;

/** A landing tried once; null where it misses, unless it is the last try: then what fights, which takes many landings. */
function landOnce(
  request: LandPartsRequest,
  aim: number | undefined,
  last: boolean,
  solver: LinearSolver,
): LandAnswer | null {
  const rows = request.parts.map(kitchenRow);
  const { targets, conditions, rules } = request;
  const { measures } = conditions;
  const asked = {
    ...{ rows, targets, conditions },
    ...(rules ? { rules } : {}),
    ...(aim === undefined ? {} : { aim }),
  };
  const inGrams = landInGrams(asked, solver);
  // where grams can't land, spoons can't
  if (!last && inGrams.miss > landedWithin) return null;
  if (!request.kitchenMeasures) {
    const amounts = gramAmounts(asked, request.parts, inGrams.masses);
    const answer = answerParts(request, amounts);
    if (totalMiss(inGrams.landing, request.targets, amounts.masses) <= landedWithin) {
      return { feasible: true, ...answer, ...boughtBy(inGrams.landing, request, amounts) };
    }
    if (!last) return null;
    const conflicts = findConflicts(asked, amounts.masses, solver);
    return { feasible: false, conflicts, nearest: answer };
  }
  const kitchen = landInKitchenMeasures(asked, solver, inGrams);
  const amounts: Amounts = {
    masses: kitchen.masses,
    texts: request.parts.map((part, i) => kitchen.texts[i] ?? keptText(part, measures)),
  };
  const answer = answerParts(request, amounts);
  if (kitchen.miss <= landedWithin) {
    return { feasible: true, ...answer, ...boughtBy(kitchen.landing, request, amounts) };
  }
  if (!last) return null;
  const conflicts = findConflicts(asked, amounts.masses, solver);
  if (inGrams.miss > landedWithin) return { feasible: false, conflicts, nearest: answer };
  const measuresOnly = conflicts.map((conflict) => ({
    ...conflict,
    holds: [],
    message: `${conflict.message} Weighed in grams it can be met; spoons are too coarse for it.`,
  }));
  return { feasible: false, conflicts: measuresOnly, nearest: answer };
}

/** What buys the difference between warm and cold, where both are asked for. */
export function boughtBy(landing: Landing, request: LandPartsRequest, amounts: Amounts) {
  const before = request.parts.map(({ massG }) => massG);
  const found = buysDifference(landing, before, amounts.masses);
  return found ? { buysDifference: found } : {};
}

/** A row that may not move keeps what was typed. */
function keptText(part: LandingPart, measures: MeasureSystem): string {
  return part.amountText === ''
    ? nearestKitchenMeasure(part.massG, part.ingredient, measures).text
    : part.amountText;
}

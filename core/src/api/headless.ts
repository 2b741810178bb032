import { analyse } from '../dip/analyse';
import type { Part } from '../mix/part';
import { resolveIngredient } from '../larder/find';
import { shippedLarder } from '../larder/larder';
import type { LinearSolver } from '../landing/linearProgram';
import type { LandingPart, LandPartsRequest } from '../landing/landParts';
import { rulesOver } from '../dip/rulesOf';
import { landSteadily } from '../landing/landSteadily';
import { nudges } from '../dip/nudges';
import { type MeasureSystem, measureSystems } from '../amounts/measureSystem';
import { range90 } from '../statistics/spread';
import { readGrams } from '../amounts/toGrams';
import { isThisRight } from '../dip/isThisRight';
import { analyseRequestSchema, requestLarder, requestParts } from './dipRequest';
import {
  type AnalysisAnswer,
  analysisAnswer,
  landingAnswer,
  type NudgeAnswer,
  nudgeAnswer,
} from './answers';
import { requestKitchen } from './requestKitchen';
import { BadInput, checked } from '../book/fieldError';
import { requestRules } from './requestRules';
import { type LandRequest, landRequestSchema, requestTargets } from './landRequest';
import type { Caution } from '../safety/cautions';

function withToTaste(
  analysis: AnalysisAnswer,
  parts: readonly { toTaste: boolean; ingredient: { id: string; name: string } }[],
) {
  const open = parts.filter((part) => part.toTaste).map(({ ingredient }) => ingredient);
  if (open.length === 0) return analysis;
  const warning: Caution = {
    id: 'to-taste',
    level: 'know',
    message: `Counted as nothing, since to taste: ${open.map(({ name }) => name).join(', ')}.`,
    from: open.map(({ id }) => id),
  };
  return { ...analysis, warnings: [...analysis.warnings, warning] };
}

function withDoubts(analysis: AnalysisAnswer, parts: readonly Part[]): AnalysisAnswer {
  const warnings = isThisRight(parts).map(({ index, message }): Caution => ({
    id: 'is-this-right',
    level: 'know',
    message: `parts[${index}], ${parts[index]?.ingredient.name}: ${message} Is this right?`,
    from: parts[index] ? [parts[index].ingredient.id] : [],
  }));
  return { ...analysis, warnings: [...analysis.warnings, ...warnings] };
}

/**
 * Analyses a dip given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function analyseRequest(value: unknown): AnalysisAnswer & { nudges?: NudgeAnswer[] } {
  const request = checked(analyseRequestSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { conditions } = requestKitchen(request, larder, parts);
  const answer = analysisAnswer(analyse(parts, conditions));
  const analysis = withDoubts(withToTaste(answer, parts), parts);
  if (!request.nudges) return analysis;
  return { ...analysis, nudges: nudges(parts, larder, conditions).map(nudgeAnswer) };
}

/**
 * Lands a dip given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @param solver linear solver
 * @throws BadInput naming the field that is wrong
 */
export function landRequest(
  value: unknown,
  solver: LinearSolver,
): ReturnType<typeof landingAnswer> {
  return landingAnswer(landSteadily(landQuestion(checked(landRequestSchema, value)), solver));
}

/**
 * What the solver is asked of a dip whose request has been checked.
 *
 * @throws BadInput naming the field that can't be read
 */
export function landQuestion(request: LandRequest): LandPartsRequest {
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder).map((part, index): LandingPart => {
    const asked = request.parts[index];
    const limit = (key: 'min' | 'max') => {
      const text = asked?.[key];
      if (text === undefined) return undefined;
      const grams = readGrams(text, part.ingredient, request.measures);
      if (!grams.ok) throw new BadInput(`parts[${index}].${key}`, grams.error.message);
      return grams.value.massG;
    };
    const minG = limit('min');
    const maxG = limit('max');
    if (minG !== undefined && maxG !== undefined && minG > maxG) {
      throw new BadInput(`parts[${index}].min`, 'The least is more than the most.');
    }
    return {
      ...part,
      amountText: asked?.amount ?? '',
      hold: asked?.hold ?? false,
      ...(minG === undefined ? {} : { minG }),
      ...(maxG === undefined ? {} : { maxG }),
    };
  });
  const { conditions } = requestKitchen(request, larder, parts);
  const targets = requestTargets(request.target);
  const { kitchenMeasures } = request;
  const ruled = requestRules(request.rules, parts, request.parts);
  const rules = ruled ? { rules: rulesOver(ruled, parts) } : {};
  return { parts, targets, kitchenMeasures, conditions, ...rules };
}

/** What an amount of an ingredient comes to; low and high are the central 90 %. */
export interface Conversion {
  ingredient: string;
  massG: number;
  volumeMl: number;
  cv: number;
  low: number;
  high: number;
}

/**
 * Converts an amount as cooks write it to grams and millilitres.
 *
 * @param amount such as `1/3 cup`
 * @param ingredient id or name
 * @param measures measure system, `us` when left out
 * @throws BadInput naming amount, ingredient or measures
 */
export function convert(amount: string, ingredient: string, measures: string = 'us'): Conversion {
  if (!measureSystems.includes(measures as MeasureSystem)) {
    throw new BadInput('measures', `“${measures}” is none of ${measureSystems.join(', ')}.`);
  }
  const found = resolveIngredient(shippedLarder, ingredient);
  if (!found.ok) throw new BadInput('ingredient', found.message);
  const grams = readGrams(amount, found.value, measures as MeasureSystem);
  if (!grams.ok) throw new BadInput('amount', grams.error.message);
  const { massG, cv } = grams.value;
  return {
    ingredient: found.value.id,
    massG,
    volumeMl: massG / found.value.densityGPerMl,
    cv,
    ...range90(massG, cv),
  };
}

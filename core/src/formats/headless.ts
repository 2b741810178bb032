import { type Analysis, analyse, type AnalysisInput } from '../analysis/analyse';
import type { Part } from '../bowl/part';
import { resolveIngredient } from '../larder/find';
import { shippedLarder } from '../larder/larder';
import type { LinearSolver } from '../landing/linearProgram';
import { type LandAnswer, type LandingPart, landParts } from '../landing/landParts';
import { type Nudge, nudges } from '../nudge/nudges';
import { type MeasureSystem, measureSystems } from '../quantity/measureSystem';
import { range90 } from '../quantity/spread';
import { readGrams } from '../quantity/toGrams';
import { isThisRight } from '../sanity/isThisRight';
import { analyseRequestSchema, requestLarder, requestParts } from './dipRequest';
import { BadInput, checked } from './fieldError';
import { type LandRequest, landRequestSchema, requestTargets } from './landRequest';

/** Largest request that is read, bytes. */
export const requestLimitBytes = 1_000_000;

function withToTaste(
  analysis: Analysis,
  parts: readonly { toTaste: boolean; ingredient: { name: string } }[],
) {
  const open = parts.filter((part) => part.toTaste).map((part) => part.ingredient.name);
  if (open.length === 0) return analysis;
  const warning = {
    id: 'to-taste',
    message: `Counted as nothing, since to taste: ${open.join(', ')}.`,
  };
  return { ...analysis, warnings: [...analysis.warnings, warning] };
}

function withDoubts(analysis: Analysis, parts: readonly Part[]): Analysis {
  const warnings = isThisRight(parts).map(({ index, message }) => ({
    id: 'is-this-right',
    message: `parts[${index}], ${parts[index]?.ingredient.name}: ${message} Is this right?`,
  }));
  return { ...analysis, warnings: [...analysis.warnings, ...warnings] };
}

/**
 * Analyses a dip given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function analyseRequest(value: unknown): Analysis & { nudges?: Nudge[] } {
  const request = checked(analyseRequestSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { method, servedAtC, measures } = request;
  const input: AnalysisInput = { parts, method, servedAtC, measures };
  const analysis = withDoubts(withToTaste(analyse(input), parts), parts);
  if (!request.nudges) return analysis;
  return { ...analysis, nudges: nudges({ parts, method, measures, larder }) };
}

/**
 * Lands a dip given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @param solver linear solver
 * @throws BadInput naming the field that is wrong
 */
export function landRequest(value: unknown, solver: LinearSolver): LandAnswer {
  const request: LandRequest = checked(landRequestSchema, value);
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
  return landParts(
    {
      parts,
      targets: requestTargets(request.target),
      kitchenMeasures: request.kitchenMeasures,
      measures: request.measures,
      method: request.method,
      servedAtC: request.servedAtC,
    },
    solver,
  );
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

import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import { chooseTrials } from '../design/chooseTrials';
import { atEveryLevel, type MixturePoint, triedLevels } from '../design/mixturePoint';
import { candidatePoints, reachableLimits } from '../design/mixtureRegion';
import { mostThings, type VariedFigure } from '../design/variedFigure';
import { variesSchema } from '../design/variesSchema';
import type { MixtureModel } from '../design/mixtureModel';
import { landMixtures } from '../landing/landMixtures';
import type { LandAnswer } from '../landing/landParts';
import type { LinearSolver } from '../landing/linearProgram';
import { requestLarder } from './dipRequest';
import { landQuestion } from './headless';
import { type LandRequest, landRequestSchema } from './landRequest';
import { componentPlaces, componentsSchema, type RequestedComponent } from './mixtureComponents';

interface DesignRequest {
  components: RequestedComponent[];
  n: number;
  seed: number;
  /** Figures set on purpose beside the mixture, each tried at its ends and in the middle. */
  varies: VariedFigure[];
  /** The dip the components are of, as land takes it. */
  dip?: LandRequest;
}

const designSchema = Joi.object<DesignRequest>({
  components: componentsSchema,
  n: Joi.number().integer().min(2).max(40).required(),
  seed: Joi.number().integer().min(0).max(2_147_483_647).default(1),
  varies: variesSchema.default([]),
  dip: landRequestSchema.optional(),
}).required();

/** Trials chosen among mixtures, in the order they are made. */
export interface DesignAnswer {
  trials: {
    shares: readonly number[];
    levels?: readonly number[];
    parts?: Extract<LandAnswer, { feasible: true }>['parts'];
  }[];
  /** D-efficiency, 0–1. */
  efficiency: number;
  /** What so many trials can tell apart. */
  model: MixtureModel;
  /** Mixtures that can't be made to land, of those looked at; left out without a dip. */
  cut?: { of: number; landing: number };
}

/** For every point the amounts that land it; null where nothing does. */
function landedAt(
  points: readonly MixturePoint[],
  { components, varies }: Pick<DesignRequest, 'components' | 'varies'>,
  dip: LandRequest,
  solver: LinearSolver,
) {
  const request = landQuestion(dip);
  const places = componentPlaces(components, request.parts, requestLarder(dip.larder));
  if (places.every((at) => request.parts[at]?.massG === 0)) {
    throw new BadInput('dip.parts', 'There is nothing of the components in it.');
  }
  return landMixtures(request, places, points, solver, varies);
}

/**
 * Chooses trials of a mixture, given as plain JSON (docs/format.md). With a dip each of them is a bowl that lands: its liquid, salt and sour
 * follow, and what can't be made to land is cut out.
 *
 * @throws BadInput naming the field that is wrong
 */
export function designRequest(value: unknown, solver: LinearSolver): DesignAnswer {
  const { components, varies, n, seed, dip } = checked(designSchema, value);
  if (!reachableLimits(components)) {
    throw new BadInput('components', 'With these limits the shares can’t add up to one.');
  }
  if (n < components.length) {
    throw new BadInput('n', `${components.length} components need as many trials at least.`);
  }
  if (components.length + varies.length > mostThings) {
    throw new BadInput('varies', 'With the components that is more than six things to vary.');
  }
  const mixtures = candidatePoints(components);
  if (mixtures.length < components.length) {
    throw new BadInput('components', 'These limits leave too little to vary.');
  }
  const all = atEveryLevel(mixtures, triedLevels, varies.length);
  const landed = dip ? landedAt(all, { components, varies }, dip, solver) : null;
  const points = landed ? all.filter((_, i) => landed[i] !== null) : all;
  const amounts = landed?.filter((one) => one !== null);
  const told = chooseTrials(points, n, seed);
  if (!told) {
    throw new BadInput(
      'dip',
      `Only ${points.length} of ${all.length} mixtures can be made to land: give the components, or the targets, more room.`,
    );
  }
  const { chosen, efficiency, model } = told;
  return {
    trials: chosen.map((at) => {
      const parts = amounts?.[at];
      return { ...(points[at] ?? { shares: [] }), ...(parts ? { parts } : {}) };
    }),
    ...{ efficiency, model },
    ...(landed ? { cut: { of: all.length, landing: points.length } } : {}),
  };
}

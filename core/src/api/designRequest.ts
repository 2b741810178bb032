import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import { chooseTrials } from '../design/chooseTrials';
import { atEveryLevel, type MixturePoint, triedLevels } from '../design/mixturePoint';
import { candidatePoints, reachableLimits } from '../design/mixtureRegion';
import { mostThings, targetsAt, type VariedFigure } from '../design/variedFigure';
import { variesSchema } from '../design/variesSchema';
import type { MixtureModel } from '../design/mixtureModel';
import { followingRoles } from '../landing/landMixtures';
import type { LandAnswer } from '../landing/landParts';
import type { LinearSolver } from '../landing/linearProgram';
import { requestLarder, requestParts } from './dipRequest';
import { landChecked } from './headless';
import { type LandRequest, landRequestSchema, requestTargets } from './landRequest';
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
  const larder = requestLarder(dip.larder);
  const parts = requestParts(dip, larder);
  const rowOf = componentPlaces(components, parts, larder);
  const together = rowOf.reduce((sum, row) => sum + (parts[row]?.massG ?? 0), 0);
  if (together <= 0) throw new BadInput('dip.parts', 'There is nothing of the components in it.');
  return points.map(({ shares, levels = [] }) => {
    const asked = dip.parts.map((part, at) => {
      const component = rowOf.indexOf(at);
      if (component >= 0) {
        const massG = (shares[component] ?? 0) * together;
        const { min: _min, max: _max, ...rest } = part;
        return { ...rest, amount: `${Number(massG.toFixed(2))} g`, hold: true };
      }
      const role = parts[at]?.ingredient.role;
      return role && followingRoles.has(role) ? part : { ...part, hold: true };
    });
    const wanted = Object.entries(targetsAt(requestTargets(dip.target), varies, levels));
    const target = Object.fromEntries(wanted.map(([name, { low, high }]) => [name, [low, high]]));
    const answer = landChecked({ ...dip, parts: asked, target }, solver);
    return answer.feasible ? answer.parts : null;
  });
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

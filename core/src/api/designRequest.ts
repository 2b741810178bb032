import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import { chooseTrials } from '../design/chooseTrials';
import { candidatePoints, reachableLimits } from '../design/mixtureRegion';
import type { MixtureModel } from '../design/mixtureModel';
import { followingRoles } from '../landing/landMixtures';
import type { LandAnswer } from '../landing/landParts';
import type { LinearSolver } from '../landing/linearProgram';
import { resolveIngredient } from '../larder/find';
import { requestLarder, requestParts } from './dipRequest';
import { landChecked } from './headless';
import { type LandRequest, landRequestSchema } from './landRequest';
import { componentsSchema, type RequestedComponent } from './mixtureComponents';

interface DesignRequest {
  components: RequestedComponent[];
  n: number;
  seed: number;
  /** The dip the components are of, as land takes it. */
  dip?: LandRequest;
}

const designSchema = Joi.object<DesignRequest>({
  components: componentsSchema,
  n: Joi.number().integer().min(2).max(40).required(),
  seed: Joi.number().integer().min(0).max(2_147_483_647).default(1),
  dip: landRequestSchema.optional(),
}).required();

/** Trials chosen among mixtures, in the order they are made. */
export interface DesignAnswer {
  trials: { shares: number[]; parts?: Extract<LandAnswer, { feasible: true }>['parts'] }[];
  /** D-efficiency, 0–1. */
  efficiency: number;
  /** What so many trials can tell apart. */
  model: MixtureModel;
  /** Mixtures that can't be made to land, of those looked at; left out without a dip. */
  cut?: { of: number; landing: number };
}

/** For every point the amounts that land it; null where nothing does. */
function landedAt(
  points: readonly number[][],
  components: DesignRequest['components'],
  dip: LandRequest,
  solver: LinearSolver,
) {
  const larder = requestLarder(dip.larder);
  const parts = requestParts(dip, larder);
  const rowOf = components.map(({ ingredient }, i) => {
    const found = resolveIngredient(larder, ingredient);
    if (!found.ok) throw new BadInput(`components[${i}].ingredient`, found.message);
    const rows = parts.flatMap((part, at) => (part.ingredient.id === found.value.id ? [at] : []));
    const [row] = rows;
    if (row === undefined || rows.length > 1) {
      const how = row === undefined ? 'is not in the dip' : 'is in the dip more than once';
      throw new BadInput(`components[${i}].ingredient`, `${found.value.name} ${how}.`);
    }
    return row;
  });
  const together = rowOf.reduce((sum, row) => sum + (parts[row]?.massG ?? 0), 0);
  if (together <= 0) throw new BadInput('dip.parts', 'There is nothing of the components in it.');
  return points.map((shares) => {
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
    const answer = landChecked({ ...dip, parts: asked }, solver);
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
  const { components, n, seed, dip } = checked(designSchema, value);
  if (!reachableLimits(components)) {
    throw new BadInput('components', 'With these limits the shares can’t add up to one.');
  }
  if (n < components.length) {
    throw new BadInput('n', `${components.length} components need as many trials at least.`);
  }
  const all = candidatePoints(components);
  if (all.length < components.length) {
    throw new BadInput('components', 'These limits leave too little to vary.');
  }
  const landed = dip ? landedAt(all, components, dip, solver) : null;
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
      return { shares: points[at] ?? [], ...(parts ? { parts } : {}) };
    }),
    ...{ efficiency, model },
    ...(landed ? { cut: { of: all.length, landing: points.length } } : {}),
  };
}

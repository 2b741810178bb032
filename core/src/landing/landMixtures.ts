import type { Role } from '../larder/ingredient';
import type { MixturePoint } from '../design/mixturePoint';
import { targetsAt, type VariedFigure } from '../design/variedFigure';
import type { LandedPart, LandPartsRequest } from './landParts';
import { landSteadily } from './landSteadily';
import type { LinearSolver } from './linearProgram';

/** What makes up for a mixture that is stiffer, blander or less sour. */
const followingRoles: ReadonlySet<Role> = new Set(['liquid', 'salt', 'acid'] as const);

/**
 * Lands a dip at each of some mixtures: the components weigh together what they weigh now, liquid, salt and sour follow within
 * their limits, the rest is held.
 *
 * @param request the dip; its holds stand for nothing here but where a follower is held
 * @param places of the components among its parts
 * @param points shares of the components, adding up to one, and levels of what is varied
 * @param varies figures that are set at each point instead of staying within their targets
 * @returns for each point the parts that land; null where nothing does
 */
export function landMixtures(
  request: LandPartsRequest,
  places: readonly number[],
  points: readonly MixturePoint[],
  solver: LinearSolver,
  varies: readonly VariedFigure[] = [],
): (LandedPart[] | null)[] {
  const together = places.reduce((sum, at) => sum + (request.parts[at]?.massG ?? 0), 0);
  return points.map(({ shares, levels = [] }) => {
    const parts = request.parts.map((part, at) => {
      const component = places.indexOf(at);
      if (component >= 0) {
        const { minG: _min, maxG: _max, ...rest } = part;
        const massG = Number(((shares[component] ?? 0) * together).toFixed(2));
        return { ...rest, massG, amountText: `${massG} g`, hold: true };
      }
      return { ...part, hold: part.hold || !followingRoles.has(part.ingredient.role) };
    });
    const targets = targetsAt(request.targets, varies, levels);
    const answer = landSteadily({ ...request, parts, targets }, solver);
    return answer.feasible ? answer.parts : null;
  });
}

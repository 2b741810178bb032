import type { Role } from '../larder/ingredient';
import type { Family } from '../mix/families';
import type { Part } from '../mix/part';

/** Shares of a dip from which it belongs to a family (engineering judgement). */
const from = { leaf: 0.1, oily: 0.18, dressed: 0.42, dairy: 0.4, nut: 0.3 } as const;

/**
 * The family a dip most likely belongs to, by what most of it is: leaves with oil make a pesto, to dress where most is oil; then
 * pulses, dairy, nuts, vegetables, whichever weighs most.
 *
 * @param parts of the dip; what goes on top does not count
 * @returns `pulse` where there is nothing to go by
 */
export function proposeFamily(
  parts: readonly Pick<Part, 'ingredient' | 'massG' | 'place'>[],
): Family {
  const inside = parts.filter(({ place }) => place !== 'top');
  const total = inside.reduce((sum, { massG }) => sum + massG, 0);
  if (!(total > 0)) return 'pulse';
  const share = (...roles: Role[]) =>
    inside.reduce(
      (sum, { ingredient, massG }) => sum + (roles.includes(ingredient.role) ? massG : 0),
      0,
    ) / total;
  const leaf = share('herb', 'green');
  const oil = share('oil');
  const pulse = share('legume');
  const nut = share('nut-seed', 'nut-butter');
  if (leaf >= from.leaf && oil >= from.oily && leaf + oil + nut > pulse) {
    return oil >= from.dressed ? 'pesto-dress' : 'pesto-spread';
  }
  const dairy = share('dairy', 'cheese');
  const vegetable = share('vegetable');
  const most = Math.max(pulse, dairy, nut, vegetable);
  if (pulse === most) return 'pulse';
  if (dairy === most && dairy >= from.dairy) return 'yogurt';
  return nut >= from.nut ? 'pate' : 'vegetable';
}

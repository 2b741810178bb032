import type { Role } from '../larder/ingredient';

/** Small measures for the end, and those a bowl may have been left without. */
interface Measures {
  fine: readonly string[];
  coarse: readonly string[];
}

const byRole: Partial<Record<Role, Measures>> = {
  liquid: {
    fine: ['1 tsp', '1 tbsp'],
    coarse: ['2 tbsp', '3 tbsp', '1/4 cup', '1/3 cup', '1/2 cup'],
  },
  acid: { fine: ['1/2 tsp', '1 tsp'], coarse: ['2 tsp', '1 tbsp', '5 tsp', '2 tbsp'] },
  salt: { fine: [], coarse: ['1/8 tsp', '1/4 tsp', '1/2 tsp'] },
  oil: { fine: ['1 tsp'], coarse: ['1 tbsp', '2 tbsp', '3 tbsp'] },
  'sesame-paste': { fine: ['1 tsp', '1 tbsp'], coarse: ['2 tbsp', '3 tbsp', '4 tbsp'] },
  legume: { fine: ['1 tbsp', '1/4 cup'], coarse: ['1/2 cup', '3/4 cup', '1 cup'] },
  'nut-seed': { fine: ['1 tbsp'], coarse: ['2 tbsp', '1/4 cup', '1/3 cup'] },
};

/** A bowl is never without these, and yet they may go in. */
const onlyAdded: Measures = { fine: ['1 tbsp', '2 tbsp', '1/4 cup', '1/2 cup'], coarse: [] };

/** How a thing is measured into a practice bowl, the least first. */
export function measuresFor(role: Role): readonly string[] {
  const { fine, coarse } = byRole[role] ?? onlyAdded;
  return [...fine, ...coarse];
}

/** What of it a drawn bowl may have been left without; none where that is never so. */
export function missingMeasures(role: Role): readonly string[] {
  return byRole[role]?.coarse ?? [];
}

import type { Dip } from '@cobbet/core/dip/dip';
import { families, type Family } from '@cobbet/core/mix/families';

/** A dip with what descends from it. */
export interface DipBranch {
  dip: Dip;
  children: DipBranch[];
}

/** Dips of one family, bases first, each with its descent. */
export interface FamilyTree {
  family: Family;
  bases: DipBranch[];
}

/**
 * The book's dips by family and descent. A variant stands under its parent even where it is of another family; one
 * whose parent is gone stands as a base.
 */
export function dipTree(dips: ReadonlyMap<string, Dip>): FamilyTree[] {
  const byParent = new Map<string | null, Dip[]>();
  for (const dip of dips.values()) {
    const parent = dip.parentId !== null && dips.has(dip.parentId) ? dip.parentId : null;
    byParent.set(parent, [...(byParent.get(parent) ?? []), dip]);
  }
  const branch = (dip: Dip): DipBranch => ({
    dip,
    children: (byParent.get(dip.id) ?? []).map(branch),
  });
  return families.flatMap((family) => {
    const bases = (byParent.get(null) ?? []).filter((dip) => dip.family === family).map(branch);
    return bases.length > 0 ? [{ family, bases }] : [];
  });
}

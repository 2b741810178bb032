/** A mixture, and where what is varied beside it stands. */
export interface MixturePoint {
  /** Of the components in their order, adding up to one. */
  shares: readonly number[];
  /** Of each figure that is varied on purpose, how far it is from its low end to its high one, 0–1; left out where none is. */
  levels?: readonly number[];
}

/** A mixture and its levels out of something that has more to say. */
export const pointOf = ({ shares, levels }: MixturePoint): MixturePoint => ({
  shares,
  ...(levels ? { levels } : {}),
});

/** Shares and levels in one row. */
export const coordinatesOf = ({ shares, levels = [] }: MixturePoint): number[] => [
  ...shares,
  ...levels,
];

/** Levels at which a varied figure may be tried: its ends and the middle. */
export const triedLevels = [0, 0.5, 1] as const;

/** Every way of picking one of some values for each of so many places. */
function everyWay(values: readonly number[], places: number): number[][] {
  let ways: number[][] = [[]];
  for (let i = 0; i < places; i += 1) {
    ways = ways.flatMap((way) => values.map((value) => [...way, value]));
  }
  return ways;
}

/**
 * Each mixture at every way of setting what is varied beside it.
 *
 * @param values levels that are looked at, 0–1
 * @param varied how many figures are varied; with none each mixture stands once
 */
export function atEveryLevel(
  mixtures: readonly (readonly number[])[],
  values: readonly number[],
  varied: number,
): MixturePoint[] {
  if (varied === 0) return mixtures.map((shares) => ({ shares }));
  const ways = everyWay(values, varied);
  return mixtures.flatMap((shares) => ways.map((levels) => ({ shares, levels })));
}

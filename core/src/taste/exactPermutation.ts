/** Sums are told apart to this; marks are whole or halves. */
const grain = 1e6;
const keyOf = (sum: number) => Math.round(sum * grain);

/**
 * Chance that differences of pairs come out as far from nothing when each could as well have been the other way round: the exact
 * two-sided permutation test of paired differences.
 *
 * @param differences one a taster
 * @returns 1 where there is no difference at all
 * @see Fisher (1935), The Design of Experiments, 21
 */
export function pairedP(differences: readonly number[]): number {
  let chances = new Map<number, number>([[0, 1]]);
  for (const difference of differences) {
    const size = keyOf(Math.abs(difference));
    const next = new Map<number, number>();
    const add = (key: number, chance: number) => next.set(key, (next.get(key) ?? 0) + chance);
    for (const [sum, chance] of chances) {
      add(sum + size, chance / 2);
      add(sum - size, chance / 2);
    }
    chances = next;
  }
  const seen = Math.abs(differences.reduce((sum, one) => sum + keyOf(one), 0));
  let p = 0;
  for (const [sum, chance] of chances) if (Math.abs(sum) >= seen) p += chance;
  return Math.min(1, p);
}

/**
 * Chance that two groups' means come out as far apart when who is in which is left to chance: the exact two-sided permutation test of two
 * groups.
 *
 * @param one with the other, 1,000 marks at most: more ways than that to choose are no number any longer
 * @returns 1 where a group is empty
 * @see Pitman (1937), Supplement to the Journal of the Royal Statistical Society 4
 */
export function groupsP(one: readonly number[], other: readonly number[]): number {
  const all = [...one, ...other];
  const [size, count] = [one.length, all.length];
  if (size === 0 || other.length === 0) return 1;
  // ways to choose so many with such a sum, built up mark by mark
  let ways: Map<number, number>[] = Array.from({ length: size + 1 }, () => new Map());
  ways[0]?.set(0, 1);
  all.forEach((mark, seen) => {
    const next = ways.map((sums) => new Map(sums));
    for (let chosen = Math.min(size, seen + 1); chosen >= 1; chosen -= 1) {
      const to = next[chosen];
      for (const [sum, number] of ways[chosen - 1] ?? []) {
        const key = sum + keyOf(mark);
        to?.set(key, (to.get(key) ?? 0) + number);
      }
    }
    ways = next;
  });
  const total = all.reduce((sum, mark) => sum + keyOf(mark), 0);
  const expected = (total * size) / count;
  const seen = Math.abs(one.reduce((sum, mark) => sum + keyOf(mark), 0) - expected);
  let [far, every] = [0, 0];
  for (const [sum, number] of ways[size] ?? []) {
    every += number;
    if (Math.abs(sum - expected) >= seen - 1) far += number;
  }
  return Math.min(1, far / every);
}

/**
 * Holm's correction: how likely each is when as many were asked at once.
 *
 * @param ps in any order
 * @returns in the same order, 0–1
 * @see Holm (1979), Scandinavian Journal of Statistics 6
 */
export function holm(ps: readonly number[]): number[] {
  const order = ps.map((p, index) => ({ p, index })).sort((a, b) => a.p - b.p);
  const adjusted = ps.map(() => 1);
  let least = 0;
  order.forEach(({ p, index }, rank) => {
    least = Math.max(least, Math.min(1, p * (ps.length - rank)));
    adjusted[index] = least;
  });
  return adjusted;
}

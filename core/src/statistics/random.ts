/**
 * A small seeded generator (mulberry32), so that draws come out the same every time.
 *
 * @returns a function giving the next number, 0 ≤ x < 1
 */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A standard normal deviate (Box–Muller). */
export function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** A table of standard normal deviates, the same for the same seed. */
export function normals(count: number, seed: number): Float64Array {
  const random = seeded(seed);
  return Float64Array.from({ length: count }, () => normal(random));
}

/** A list in another order, every order equally likely (Fisher–Yates). */
export function shuffled<T>(list: readonly T[], random: () => number): T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i -= 1) {
    const j = Math.floor(random() * (i + 1));
    [out[i], out[j]] = [out[j] as T, out[i] as T];
  }
  return out;
}

/** Models of a response over a mixture, the plainest first. */
export const mixtureModels = ['linear', 'quadratic', 'special-cubic'] as const;
export type MixtureModel = (typeof mixtureModels)[number];

/**
 * Terms of Scheffé's canonical polynomials at a point: each share, each product of two, each product of three. There is no constant, since the
 * shares add up to one.
 *
 * @param shares of the components, summing to one
 * @see Scheffé (1958), Journal of the Royal Statistical Society B 20
 */
export function modelTerms(model: MixtureModel, shares: readonly number[]): number[] {
  const terms = [...shares];
  if (model === 'linear') return terms;
  shares.forEach((a, i) => shares.slice(i + 1).forEach((b) => terms.push(a * b)));
  if (model === 'quadratic') return terms;
  shares.forEach((a, i) =>
    shares
      .slice(i + 1)
      .forEach((b, j) => shares.slice(i + j + 2).forEach((c) => terms.push(a * b * c))),
  );
  return terms;
}

/** How many terms a model has for so many components. */
export const termCount = (model: MixtureModel, components: number): number =>
  modelTerms(
    model,
    Array.from({ length: components }, () => 0),
  ).length;

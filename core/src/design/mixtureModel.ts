/** Models of a response over a mixture, the plainest first. */
export const mixtureModels = ['linear', 'quadratic', 'special-cubic'] as const;
export type MixtureModel = (typeof mixtureModels)[number];

/** What figures varied beside a mixture add to its terms: in the plain model a slope each; else a slope in each component, their squares and products. */
function levelTerms(
  model: MixtureModel,
  shares: readonly number[],
  levels: readonly number[],
): number[] {
  if (model === 'linear') return [...levels];
  return levels.flatMap((z, k) => [
    ...shares.map((share) => share * z),
    ...levels.slice(k).map((other) => z * other),
  ]);
}

/**
 * Terms of Scheffé's canonical polynomials at a point: each share, each product of two, each product of three, then those of what is varied
 * beside the mixture. There is no constant, since the shares add up to one.
 *
 * @param shares of the components, summing to one
 * @param levels of figures varied beside them, 0–1
 * @see Scheffé (1958), Journal of the Royal Statistical Society B 20; Kowalski, Cornell & Vining (2000), Communications in Statistics 29, for mixtures
 *   with process variables
 */
export function modelTerms(
  model: MixtureModel,
  shares: readonly number[],
  levels: readonly number[] = [],
): number[] {
  return [...shareTerms(model, shares), ...levelTerms(model, shares, levels)];
}

function shareTerms(model: MixtureModel, shares: readonly number[]): number[] {
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

/** How many terms a model has for so many components, and figures varied beside them. */
export function termCount(model: MixtureModel, components: number, varied = 0): number {
  const nothing = (length: number) => Array.from({ length }, () => 0);
  return modelTerms(model, nothing(components), nothing(varied)).length;
}

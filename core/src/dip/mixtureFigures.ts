import type { Conditions } from '../mix/conditions';
import { figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { per100g } from '../mix/per100g';
import type { Part } from '../mix/part';

/** Stands for the body of crumbs, which have none: stiffer than anything that can be stirred. */
const crumbsBody = 12;

/** A dip's parts at any shares of some of them, which weigh together what they weigh now. */
function mixedParts(parts: readonly Part[], places: readonly number[]) {
  const together = places.reduce((sum, at) => sum + (parts[at]?.massG ?? 0), 0);
  return (shares: readonly number[]): Part[] =>
    parts.map((part, i) => {
      const component = places.indexOf(i);
      return component < 0 ? part : { ...part, massG: (shares[component] ?? 0) * together };
    });
}

/**
 * What 100 g of a dip cost at any shares of some of its parts, the rest as it is written, at the larder's prices.
 *
 * @param places of the components among the parts, in the order of the shares
 */
export function mixtureCost(
  parts: readonly Part[],
  places: readonly number[],
): (shares: readonly number[]) => number {
  const mixed = mixedParts(parts, places);
  return (shares) => per100g(mixOf(mixed(shares)).all).costEur;
}

/**
 * What the model says of a dip at any shares of some of its parts, the rest as it is written: body, and per 100 g fat, salt, acid, sugars,
 * sesame, bitter and savoury. Not landed, so that a mixture which would need more liquid stands out by its body.
 *
 * @param places of the components among the parts, in the order of the shares
 * @returns figures in that order, one evaluation a call
 */
export function mixtureFigures(
  parts: readonly Part[],
  conditions: Conditions,
  places: readonly number[],
): (shares: readonly number[]) => number[] {
  const mixed = mixedParts(parts, places);
  return (shares) => {
    const { freshBody, per100g: per } = figuresOf(mixOf(mixed(shares)), conditions);
    return [
      freshBody ?? crumbsBody,
      ...[per.fatG, per.saltG, per.acidG, per.sugarsG],
      ...[per.sesameG, per.bitter, per.savoury],
    ];
  };
}

/** Fits the body model to its anchors and says how far the result is from the parameters that ship. */
import anchorFile from '../core/data/anchors.json';
import fitFile from '../core/data/body-fit.json';
import { startingBodyParameters } from '@cobbet/core/mix/parameters';
import { type Anchor, anchorLnTau, fitBody, parameterAt, residuals } from './fitBody';

const anchors = anchorFile.anchors as unknown as Anchor[];
const priors = fitFile.parameters;
const { parameters, sumOfSquares } = fitBody(anchors, priors, startingBodyParameters);

const shippedRatios = priors.map((one) =>
  Math.log(parameterAt(startingBodyParameters, one) / one.prior),
);
const shipped = residuals(anchors, priors, startingBodyParameters, shippedRatios).reduce(
  (sum, one) => sum + one * one,
  0,
);

console.log('parameter'.padEnd(12), 'prior'.padStart(8), 'fitted'.padStart(8), 'ships'.padStart(8));
for (const one of priors) {
  const figures = [
    one.prior,
    parameterAt(parameters, one),
    parameterAt(startingBodyParameters, one),
  ];
  console.log(one.name.padEnd(12), ...figures.map((value) => value.toFixed(3).padStart(8)));
}
let inside = 0;
let squares = 0;
for (const anchor of anchors) {
  const ln = anchorLnTau(anchor, parameters);
  const [low, high] = anchor.yieldStressPa;
  if (Math.exp(ln) >= low && Math.exp(ln) <= high) inside += 1;
  squares += ((ln - Math.log(low * high) / 2) / Math.LN2) ** 2;
}
console.log(`\n${inside} of ${anchors.length} anchors in their range`);
console.log(
  `root mean square from the middle of the range ${Math.sqrt(squares / anchors.length).toFixed(3)} body`,
);
console.log(
  `sum of squares ${sumOfSquares.toFixed(3)}, of the parameters that ship ${shipped.toFixed(3)}`,
);

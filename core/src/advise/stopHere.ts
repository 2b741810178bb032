import { missed } from '../mix/figures';
import { isBody } from '../mix/targets';
import { chanceInside } from './justInside';
import { heldNames } from './justNoticeable';
import { proposeAdditions } from './proposeAdditions';
import type { Attempt, Suggestion } from './suggestion';

/** Odds of being in its band from which a body is left as it is, and from which it is measured before anything goes in (J). */
const leftFrom = 0.8;
const measuredFrom = 0.3;
/** A body known as well as this is hardly known better by another reading, one standard deviation (J). */
const knownWell = 0.28;

/**
 * Nothing to add: where a bowl is what it should be, and where the body may be so already and is not known well enough to put
 * something in that can't come out.
 *
 * @returns what to say, and the odds where the body is to be measured first; null where it is not
 */
export function stopHere({ from, shelf, targets }: Attempt): {
  stop: Suggestion;
  measure: number | null;
} {
  const nothing = proposeAdditions(from, [], shelf, targets, 'next step', '');
  const { bodySd } = nothing.sure;
  const odds = chanceInside(from.figures, targets, bodySd);
  const misses = missed(from.figures, targets);
  const met = misses.length === 0;
  const inDoubt = met
    ? odds < leftFrom
    : odds >= measuredFrom && misses.every(({ name }) => isBody(name));
  const measure = inDoubt && bodySd > knownWell ? odds : null;
  const told = `${Math.round(10 * odds)} in 10`;
  const why =
    measure === null
      ? 'Nothing: it is where you want it. Stop here.'
      : met
        ? `Nothing, as far as can be told: ${told} that the body is right. The ring or the press would make sure.`
        : `The body may be right already: ${told}. The ring or the press would tell, before anything goes in.`;
  const proposal = { ...nothing, why };
  return {
    stop: { add: [], firstStep: [], proposal, gives: [], holds: [...heldNames], breaks: [] },
    measure,
  };
}

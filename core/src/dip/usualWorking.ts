import type { Grind } from '../mix/method';
import type { Machine } from '../kitchen/machines';
import type { WorkedIn } from './dip';
import type { Place } from '../mix/part';
import type { Ingredient } from '../larder/ingredient';

/** Hard shear for longer than this can turn fruity oil bitter, min. */
const fruityMin = 1;
/** A long run is this much longer for silk; grain wants pulses. */
const silky = 2;

const byHand = /^(mortar|knife|fork|whisk)$/;
const handLooks: Readonly<Record<string, string>> = {
  mortar: 'pounded to a paste before the next goes in',
  knife: 'chopped as fine as it is wanted',
  fork: 'crushed and stirred even',
  whisk: 'even, and lighter than before',
};

function inMachine(
  { fruity, role, structure }: Ingredient,
  grind: Grind,
  streams: boolean,
): WorkedIn {
  const times = grind === 'silky' ? silky : 1;
  const long = (minutes: number, lookFor: string): WorkedIn =>
    grind === 'coarse'
      ? { how: 'pulse', minutes: null, lookFor: 'as coarse as it is wanted; stop early' }
      : { how: 'long', minutes: minutes * times, lookFor };
  if (role === 'oil') {
    const lookFor = fruity
      ? 'taken up with no pool on top; under a minute, or it can turn bitter'
      : 'taken up with no pool on top';
    return { how: streams ? 'stream' : 'stir', minutes: fruityMin, lookFor };
  }
  if (role === 'liquid' || role === 'acid') {
    return {
      how: streams ? 'stream' : 'scrape',
      minutes: null,
      lookFor: 'the mix turns over again; it loosens a little after you stop',
    };
  }
  if (role === 'legume') return long(2, 'no grain between tongue and teeth; scrape down once');
  if (role === 'sesame-paste' || role === 'nut-butter') {
    return long(1, 'pale and thick; it tightens before it loosens');
  }
  if (role === 'nut-seed') {
    return { how: 'pulse', minutes: null, lookFor: 'like coarse sand, before it turns to paste' };
  }
  if (structure === 'leaf' || role === 'herb' || role === 'green') {
    return {
      how: 'pulse',
      minutes: null,
      lookFor: 'even flecks; stop before it warms and darkens',
    };
  }
  if (structure === 'hard-cheese') {
    return { how: 'pulse', minutes: null, lookFor: 'just mixed in; longer and it goes greasy' };
  }
  if (role === 'vegetable') return long(1, 'even colour; scrape down once');
  if (role === 'salt' || role === 'spice' || role === 'sweetener') {
    return { how: 'pulse', minutes: null, lookFor: 'spread through; taste after a minute' };
  }
  return { how: 'scrape', minutes: null, lookFor: 'no lump left on the sides' };
}

/**
 * How an addition is usually worked in, for how long, and what to look for (kitchen judgement).
 *
 * @returns null for what goes on top
 */
export function usualWorking(
  ingredient: Ingredient,
  place: Place,
  machine: Machine,
  grind: Grind,
): WorkedIn | null {
  if (place === 'top') return null;
  if (place === 'fold') {
    return { how: 'stir', minutes: null, lookFor: 'spread through; stop before it breaks up' };
  }
  if (byHand.test(machine.id)) {
    return { how: 'stir', minutes: null, lookFor: handLooks[machine.id] ?? 'even' };
  }
  return inMachine(ingredient, grind, machine.streams);
}

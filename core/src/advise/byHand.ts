import type { Ingredient, Role } from '../larder/ingredient';
import type { Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import type { Proposal, StartingBowl } from '../proposal/proposal';
import type { Fault, Taste, TasteMarks } from '../readings/tastes';
import type { AdviseInput } from './adviseInput';
import { measured } from './measured';
import type { Choices } from './plausible';
import { proposeAdditions } from './proposeAdditions';
import type { Shelf } from './shelf';
import { nameOf } from './whyWords';

/** Something a hand or more of one thing mends, of which there is no figure to aim at. */
export interface ByHand {
  about: Fault | Taste;
  /** What to do, in words. */
  why: string;
  /** What goes in for it; often nothing. */
  add: Addition[];
  proposal: Proposal;
}

/** Tastes without a figure, and what brings them. */
const brings: Readonly<Partial<Record<Taste, (one: Ingredient) => boolean>>> = {
  herb: ofRole('herb', 'green'),
  nut: ofRole('nut-seed', 'nut-butter', 'sesame-paste'),
  smoke: ({ smoky }) => smoky,
};

function ofRole(...roles: Role[]) {
  return ({ role }: Ingredient) => roles.includes(role);
}

/** How much more of a thing one goes on to taste, as a share of what is in; of what is not in, g (judgement). */
const moreShare = 0.15;
const startG: Readonly<Partial<Record<Role, number>>> = { spice: 0.6, herb: 5 };
const startAnyG = 10;
/** What is worked into a bowl that has split, g at a time. */
const hotWaterG = 15;

/** Nothing but water. */
const isWater = ({ role, waterG, stored }: Ingredient) =>
  role === 'liquid' && waterG > 99 && stored !== 'freezer';

const faultWords: Readonly<Record<Fault, string>> = {
  split:
    'It has split: work in hot water, a spoon at a time, and let it come together before the next.',
  grainy:
    'It is grainy: scrape down and work it two minutes longer. Skins stay unless they are taken off or sieved out.',
  gluey:
    'It is gluey: stop working it, more makes more glue. Fold in by hand what still goes in; oil and something sour shorten it.',
  warm: 'It is too warm: stand the bowl in ice water, or wait, before leaves go in or it runs again.',
};

/** Which taste is short or over, in words. */
const tasteWords: Readonly<Partial<Record<Taste, readonly [short: string, over: string]>>> = {
  herb: ['short of herb', 'too much of the herb'],
  nut: ['short of nut', 'too much of the nut'],
  smoke: ['short of smoke', 'too smoky'],
  colour: ['pale', 'too dark'],
};

/** So much more of what brings a taste; null where nothing within reach does. */
function moreOf(taste: Taste, input: AdviseInput, { first }: Choices): Addition | null {
  const does = brings[taste];
  if (!does) return null;
  const there = new Map<string, number>();
  for (const { ingredient, massG } of input.parts) {
    there.set(ingredient.id, (there.get(ingredient.id) ?? 0) + massG);
  }
  const most = (one: Ingredient) => there.get(one.id) ?? 0;
  const [best] = first.filter(does).sort((a, b) => most(b) - most(a));
  if (!best) return null;
  const massG = most(best) > 0 ? moreShare * most(best) : (startG[best.role] ?? startAnyG);
  return measured(massG, best, input.conditions.measures, 'up');
}

/**
 * What is done for faults and for tastes that no figure stands for: worked in, waited for, or a little more of what brings it, by
 * taste. What is too much of such a taste only more of the rest thins.
 *
 * @param tastes marks that still count
 * @param targets the bowl's own
 */
export function stepsByHand(
  input: AdviseInput,
  from: StartingBowl,
  tastes: TasteMarks,
  choices: Choices,
  shelf: Shelf,
  targets: Targets,
): ByHand[] {
  const step = (about: Fault | Taste, why: string, add: Addition[]): ByHand => ({
    about,
    why,
    add,
    proposal: proposeAdditions(from, add, shelf, targets, 'next step', why),
  });
  const { measures } = input.conditions;
  const water = input.atHand.find(isWater);
  const mends = (input.faults ?? []).map((fault) => {
    const spoon = fault === 'split' && water ? measured(hotWaterG, water, measures) : null;
    return step(fault, faultWords[fault], spoon ? [spoon] : []);
  });
  const flavours = (Object.keys(tasteWords) as Taste[]).flatMap((taste) => {
    const verdict = tastes[taste];
    const [short, over] = tasteWords[taste] ?? ['', ''];
    if (verdict === 'over') {
      const colour = taste === 'colour';
      const thins = colour ? 'note it for next time' : 'only more of the rest thins it';
      return [step(taste, `It is ${over}: ${thins}.`, [])];
    }
    if (verdict !== 'short') return [];
    const more = moreOf(taste, input, choices);
    const name = more && shelf.get(more.ingredient);
    return more && name
      ? [step(taste, `It is ${short}: a little more ${nameOf(name)}, by taste.`, [more])]
      : [
          step(
            taste,
            `It is ${short}, and nothing within reach mends that: note it for next time.`,
            [],
          ),
        ];
  });
  return [...mends, ...flavours];
}

import type { Dip } from '@cobbet/core/dip/dip';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import { everyday } from '@cobbet/core/larder/everyday';
import { type BodyWord, bodyWord } from '@cobbet/core/mix/bodyWords';
import type { Figures } from '@cobbet/core/mix/figures';
import type { ReadPart } from '@cobbet/core/lines/lineReading';
import { missOf } from '@cobbet/core/mix/targets';

/** An addition that a step can put in for the cook. */
export type Offered = Pick<ReadPart, 'text' | 'ingredient' | 'amount' | 'place'>;

const offered = (amount: string, ingredient: string, text: string): Offered => ({
  ...{ text: `${amount} ${text}`, ingredient, amount, place: 'bowl' },
});

/** Where a first dip stands. */
export interface GuideState {
  dip: Dip;
  figures: Figures;
  /** Why a figure is as it is has been asked. */
  asked: boolean;
}

/** One thing to do on the way to a first dip. It is done when the dip shows it, however that came about. */
export interface GuideStep {
  say(state: GuideState): string;
  /** What may be put in with a tap instead of being typed. */
  offers?: readonly Offered[];
  /** What may be aimed at with a tap. */
  aims?: BodyWord;
  done(state: GuideState): boolean;
}

const bodyThen = ({ dip, figures }: GuideState) => figures[eatenAt(dip)];
const aimOf = ({ dip }: GuideState) => dip.targets[eatenAt(dip)];

/** The way to a first dip, in the order it is gone. */
export const guideSteps: readonly GuideStep[] = [
  {
    say: () => 'Start with a pulse. Type 2 cups chickpeas where it says Add something, and Enter.',
    offers: [offered('2 cups', everyday.chickpeas, 'chickpeas')],
    done: ({ dip }) => dip.rows.length >= 1,
  },
  {
    say: () =>
      'Each addition is a row, and a bead on the line that says how stiff the bowl is after it. Now 1/3 cup tahini.',
    offers: [offered('1/3 cup', everyday.tahini, 'tahini')],
    done: ({ dip }) => dip.rows.length >= 2,
  },
  {
    say: () => 'Then what loosens and seasons it: 3 tbsp lemon juice, 2 tbsp water, 1/2 tsp salt.',
    offers: [
      offered('3 tbsp', everyday.lemonJuice, 'lemon juice'),
      offered('2 tbsp', everyday.water, 'water'),
      offered('1/2 tsp', everyday.salt, 'salt'),
    ],
    done: ({ dip }) => dip.rows.length >= 5,
  },
  {
    say: (state) => {
      const body = bodyThen(state);
      const now = body === null ? 'It is crumbs still' : `Rested and chilled it ${bodyWord(body)}`;
      return `${now}. Say what it is to be, by its word over the line or with Targets: most want a dip that scoops.`;
    },
    aims: 'scoops',
    done: (state) => aimOf(state) !== undefined,
  },
  {
    say: () =>
      'Tap Land it: the amounts are worked out that bring it there. Nothing changes until you take them.',
    done: (state) => {
      const [body, aim] = [bodyThen(state), aimOf(state)];
      return body !== null && aim !== undefined && missOf(body, aim) === 0;
    },
  },
  {
    say: () =>
      'It lands, as far as a model can know. Tap ? beside its body: what makes it so, and how sure that is.',
    done: ({ asked }) => asked,
  },
];

/**
 * The step that is next: the first that is not done. What was done and then undone is asked for again.
 *
 * @returns its place, or the number of steps when all are done
 */
export function nextStep(state: GuideState): number {
  const at = guideSteps.findIndex((step) => !step.done(state));
  return at < 0 ? guideSteps.length : at;
}

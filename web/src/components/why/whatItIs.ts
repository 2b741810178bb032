import type { TargetName } from '@cobbet/core/mix/targets';

/** What a figure is, in kitchen words, and the part of docs/science.md that has its equation. */
export const whatItIs: Record<TargetName, { says: string; section: string }> = {
  warmBody: {
    says: 'How stiff it is in the machine, as warm as it gets there. One point of body is twice as stiff.',
    section: 'Body',
  },
  freshBody: {
    says: 'How stiff it is as it leaves the machine, at 25 °C. One point of body is twice as stiff; the spoons at the head of the line are its words.',
    section: 'Body',
  },
  pastaBody: {
    says: 'How stiff it is on hot pasta, at 60 °C, before any of the water.',
    section: 'Body',
  },
  servedBody: {
    says: 'How stiff it is when it is eaten, as warm as it is served and as long after the machine.',
    section: 'Body',
  },
  chilledBody: {
    says: 'How stiff it is out of the fridge, rested for four hours or more: starch and fat set in the cold.',
    section: 'Body',
  },
  saltG: {
    says: 'Salt in 100 g, from everything: what is strewn, the can, cheese, miso, olives.',
    section: 'Seasoning',
  },
  acidG: {
    says: 'How sour it is, as if all of its acids were that of lemon, in 100 g.',
    section: 'Seasoning',
  },
  garlicG: {
    says: 'How garlicky it is, as if all of it were raw and crushed, in 100 g. It grows in the first hours.',
    section: 'Seasoning',
  },
  heat: {
    says: 'How hot it is, as grams of a hot ground pepper in 100 g. A judgement, better for comparing than by itself.',
    section: 'Seasoning',
  },
  bitter: {
    says: 'How bitter what is in it is on average, from 0 to 10. A judgement; salt, fat and sweet hide it.',
    section: 'Seasoning',
  },
  sugarsG: { says: 'Sugars in 100 g, its own and what is added.', section: 'Seasoning' },
  savoury: {
    says: 'How savoury what is in it is on average, from 0 to 10. A judgement.',
    section: 'Seasoning',
  },
  fatG: { says: 'Fat in 100 g, oil and all that brings it.', section: 'Mass balance and volume' },
  costEur: {
    says: 'What 100 g costs, by the prices you paid last, else by the larder’s own.',
    section: 'Batches',
  },
  massG: {
    says: 'What is in the bowl and folded in, together; what goes on top is not in it.',
    section: 'Mass balance and volume',
  },
  volumeMl: {
    says: 'The room it takes, with the air that is whipped in.',
    section: 'Mass balance and volume',
  },
};

import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { swapOf, writtenParts } from '../../test/swapOf';
import { rulesOver } from '../dip/rulesOf';
import type { Part } from '../mix/part';
import type { Rule } from '../mix/rule';
import { ruleOff } from '../mix/rule';
import { shippedLarder } from '../larder/larder';
import { couldStandIn } from './couldStandIn';
import { madeFree } from './freeOf';
import { readySwap, swapFor } from './swap';
import { swaps } from './swaps';

const hummus = writtenParts([
  ['tahini-hulled', '¼ cup'],
  ['lemon-juice', '¼ cup'],
  ['chickpeas-cooked', '300 g'],
  ['water', '¼ cup'],
  ['sea-salt-fine', '¾ tsp'],
  ['olive-oil-extra-virgin', '2 tbsp'],
]);
const asMuch: Rule = {
  ...{ id: 'a', said: 'as much tahini as lemon', sense: 'equal', times: 1, by: 'weight' },
  ...{ of: { rows: ['0'] }, to: { rows: ['1'] } },
};
const saltRule: Rule = {
  ...{ id: 's', said: 'salt 9 g a kilo', sense: 'equal', times: 0.009, by: 'weight' },
  ...{ of: { roles: ['salt'] }, to: { whole: true } },
};
const rowIds = hummus.map((_, i) => String(i));
const ruled = (rules: readonly Rule[]) => ({ rules, rowIds });
const offOf = (rule: Rule, parts: readonly Pick<Part, 'ingredient' | 'place' | 'massG'>[]) => {
  const [over] = rulesOver(ruled([rule]), parts);
  if (!over) throw new Error('the rule rests');
  return ruleOff(
    over,
    parts.map(({ massG }) => massG),
  );
};

describe('a swap where rules hold', () => {
  test('keeps them with every candidate, measured in spoons', () => {
    const question = swapOf(hummus, 0, { ruled: ruled([asMuch]) });
    const among = couldStandIn(question, {
      larder: shippedLarder.values(),
      free: { allergens: [], diets: [] },
    });
    const found = swaps(question, among, 12);
    expect(found.length).toBeGreaterThan(6);
    for (const { parts } of found) expect(Math.abs(offOf(asMuch, parts))).toBeLessThan(0.06);
  });

  test('what is tied makes up for nothing else', () => {
    const to = ingredient('sunflower-butter');
    const free = swapFor(
      readySwap(swapOf(hummus, 2, { ruled: ruled([]) })),
      ingredient('cannellini-canned-drained'),
    );
    const tied = swapFor(
      readySwap(swapOf(hummus, 2, { ruled: ruled([asMuch]) })),
      ingredient('cannellini-canned-drained'),
    );
    expect(free.others.length).toBeGreaterThan(0);
    expect(tied.parts[0]?.amountText).toBe('¼ cup');
    expect(tied.parts[1]?.amountText).toBe('¼ cup');
    expect(swapFor(readySwap(swapOf(hummus, 0)), to).parts[1]?.massG).toBe(hummus[1]?.massG);
  });

  test('at the bowl only the newcomer moves: what is in is in', () => {
    const question = swapOf(hummus, 0, { ruled: ruled([asMuch]), inBowl: true });
    const found = swapFor(readySwap(question), ingredient('almond-butter'));
    expect(Math.abs(offOf(asMuch, found.parts))).toBeLessThan(0.06);
    found.parts.slice(1, hummus.length).forEach((part, i) => {
      expect(part.massG).toBeGreaterThanOrEqual((hummus[i + 1]?.massG ?? 0) - 1e-9);
    });
    expect(found.parts[1]?.amountText).toBe('¼ cup');
    // what counts in the whole is no reason to make it more or less
    const salted = swapOf(hummus, 0, { ruled: ruled([saltRule]), inBowl: true });
    const plain = swapFor(
      readySwap(swapOf(hummus, 0, { inBowl: true })),
      ingredient('almond-butter'),
    );
    const same = swapFor(readySwap(salted), ingredient('almond-butter'));
    expect(same.massG).toBeCloseTo(plain.massG, 9);
  });

  test('salt by the kilo goes with the dip, made free of something too', () => {
    const { keep: _keep, ...question } = swapOf(hummus, 0, { ruled: ruled([saltRule]) });
    const before = Math.abs(offOf(saltRule, hummus));
    expect(before).toBeGreaterThan(0.05);
    const { proposals } = madeFree(
      { ...question, keep: swapOf(hummus, 0).keep },
      [...shippedLarder.values()],
      { allergens: ['sesame'], diets: [] },
    );
    expect(proposals.length).toBeGreaterThan(0);
    for (const { parts } of proposals) {
      const there = parts.flatMap((part) => part ?? []);
      expect(Math.abs(offOf(saltRule, there))).toBeLessThan(0.06);
    }
  });
});

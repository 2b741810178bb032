import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { runOf } from '../../test/runOf';
import { plainRow } from '../dip/dip';
import { readySwap, swapFor } from '../swap/swap';
import { withLogged } from './runEdits';
import { swapAdditions, swapQuestionOfRun } from './runSwap';

const kitchen = kitchenOf();
const hummus = dip('a', {
  rows: [
    plainRow('t', 'tahini-hulled', '1/3 cup'),
    plainRow('l', 'lemon-juice', '2 tbsp'),
    plainRow('w', 'water', '1/4 cup'),
    plainRow('s', 'sea-salt-fine', '1/2 tsp'),
    plainRow('c', 'chickpeas-canned-drained', '2 cups'),
  ],
});
const larder = kitchen.larder;
const thing = (id: string) => {
  const found = larder.get(id);
  if (!found) throw new Error(id);
  return found;
};

describe('a swap at the bowl', () => {
  test('is of the step in hand, with what is in as it went in and what is to come as planned', () => {
    const run = withLogged(runOf(hummus, 0, kitchen), 't', {
      ...{ amount: '1/2 cup', massG: 122, cv: 0.05, at: '2026-06-01T10:00:00.000Z' },
    });
    const question = swapQuestionOfRun({ ...run, step: 1 }, hummus, kitchen, 'strength');
    expect(question?.index).toBe(1);
    expect(question?.parts.map(({ amountText }) => amountText)).toEqual([
      '1/2 cup',
      '2 tbsp',
      '1/4 cup',
      '1/2 tsp',
      '2 cups',
    ]);
    expect(question?.inBowl).toBe(true);
    // what is in already is not swapped any more
    expect(swapQuestionOfRun({ ...run, step: 0 }, hummus, kitchen, 'strength')).toBeNull();
  });

  test('goes in as additions only: the newcomer first, then more of what is there', () => {
    const run = runOf(hummus, 4, kitchen);
    const question = swapQuestionOfRun(run, hummus, kitchen, 'strength');
    if (!question) throw new Error('there is a step in hand');
    const candidate = swapFor(readySwap(question), thing('chickpeas-cooked'));
    const [newcomer, ...more] = swapAdditions(question, candidate, kitchen);
    expect(newcomer).toMatchObject({
      ingredient: 'chickpeas-cooked',
      amount: candidate.amount,
      massG: candidate.massG,
    });
    // cooked without salt: salt is what they lack
    expect(more.map(({ ingredient }) => ingredient)).toContain('sea-salt-fine');
    for (const { massG } of more) expect(massG).toBeGreaterThan(0);
  });
});

import { describe, expect, test } from '@jest/globals';
import { families } from '../mix/families';
import { pigmentOf } from '../mix/blendColour';
import { sumsPerGram } from '../mix/bowlSums';
import { routesTo } from '../prepare/prepare';
import { usualWay } from '../prepare/usualWay';
import { cautionsFor } from '../safety/cautions';
import { fridgeDays } from '../safety/fridgeDays';
import { conditionsOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import type { Ingredient } from './ingredient';
import { larderWith, shippedLarder } from './larder';

/** All that an ingredient decides by what it is. */
function decided(one: Ingredient) {
  const parts = [{ ingredient: one, massG: 50, cv: 0.05, place: 'bowl' as const }];
  return {
    cautions: [0, 1].flatMap((waterOutside) =>
      cautionsFor(parts, { waterOutside }, conditionsOf()).map(({ from, ...caution }) => ({
        ...caution,
        raisedBy: from.length,
      })),
    ),
    days: families.map((family) => fridgeDays(family, parts).usual),
    routes: routesTo(one),
    usual: usualWay(one),
    colour: pigmentOf(one),
    body: [...sumsPerGram(one)],
  };
}

const mine = (like: string, more: Partial<Ingredient> = {}): Ingredient => {
  const found = larderWith([{ id: 'my-own', like, name: 'My own', ...more }]).get('my-own');
  if (!found) throw new Error('it is not on the shelf');
  return found;
};

const raisesCaution = [...shippedLarder.values()].filter(({ hazards }) => hazards.length > 0);
const hasRoutes = [...shippedLarder.values()].filter((one) => routesTo(one).length > 0);

describe('an ingredient of one’s own like another', () => {
  test('there is something to inherit', () => {
    expect(raisesCaution.length).toBeGreaterThan(30);
    expect(hasRoutes.length).toBeGreaterThan(30);
  });

  test.each([...shippedLarder.keys()])('like %s is decided as that is', (id) => {
    expect(decided(mine(id))).toEqual(decided(ingredient(id)));
  });

  test('red beans of one’s own are as poisonous undercooked as the ones they are like', () => {
    const beans = mine('kidney-beans-red-cooked', { name: 'My red beans', waterG: 65 });
    expect(decided(beans).cautions.map((one) => one.id)).toContain('kidney-beans');
    expect(decided(beans).routes.map(({ from }) => from)).toContain('dried');
  });

  test('like one of one’s own, it still has the first one’s', () => {
    const larder = larderWith([
      { id: 'weir-garlic', like: 'garlic-raw' },
      { id: 'boathouse-garlic', like: 'weir-garlic' },
    ]);
    const garlic = larder.get('boathouse-garlic');
    expect(garlic && decided(garlic)).toEqual(decided(ingredient('garlic-raw')));
  });

  test('what it sets itself counts', () => {
    const pasteurised = mine('garlic-raw', { hazards: [], freshRaw: false });
    expect(decided(pasteurised).cautions).toEqual([]);
    expect(mine('garlic-raw').hazards).not.toEqual([]);
  });

  test('a whole record of a shipped one, older than traits, keeps its hazards', () => {
    const shipped = ingredient('kidney-beans-red-cooked');
    const { id, name, role, structure, waterG, fatG, proteinG, starchG, sugarsG } = shipped;
    const { fibreG, saltG, acidG, ashG, densityGPerMl, pieceName, pieceG } = shipped;
    const { allergens, vegan, vegetarian, costHintEurPerKg } = shipped;
    const { garlicUnits, heatUnits, bitterUnits, umamiUnits } = shipped;
    const old = {
      ...{ id, name, role, structure, waterG, fatG, proteinG, starchG, sugarsG, fibreG, saltG },
      ...{ acidG, ashG, densityGPerMl, measureNote: '', pieceName, pieceG, allergens, vegan },
      ...{ vegetarian, costHintEurPerKg, garlicUnits, heatUnits, bitterUnits, umamiUnits },
    };
    const kept = larderWith([old]).get(id);
    expect(kept && decided(kept)).toEqual(decided(shipped));
  });
});

describe('leaves that are dried are no pulses', () => {
  const leaves = [...shippedLarder.values()].filter(
    ({ id, role }) => id.endsWith('-dried') && role !== 'legume',
  );
  test('there are some', () => expect(leaves.length).toBeGreaterThanOrEqual(5));
  test.each(leaves.map((one) => [one.id, one] as const))('%s', (_, one) => {
    expect(decided(one).cautions.map(({ id }) => id)).not.toContain('raw-pulses');
  });
});

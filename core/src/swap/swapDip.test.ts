import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { readDip } from '../dip/analyseDip';
import { plainRow, type Row } from '../dip/dip';
import { applyEdits } from '../proposal/edit';
import { readySwap, swapFor } from './swap';
import { madeFree } from './freeOf';
import { freeEdits, proposeSwap, swapEdits, swappedRow, swapQuestionOf } from './swapDip';

const kitchen = kitchenOf();
const thing = (id: string) => {
  const found = kitchen.larder.get(id);
  if (!found) throw new Error(id);
  return found;
};
const tahini: Row = {
  ...plainRow('t', 'tahini-hulled', '1/3 cup'),
  ...{ hold: true, prep: 'stirred to the bottom', min: '1/4 cup', sure: '1/3 cup' },
  worked: { how: 'long', minutes: 2, lookFor: 'pale' },
};
const hummus = dip('a', {
  rows: [
    tahini,
    plainRow('l', 'lemon-juice', '2 tbsp'),
    plainRow('w', 'water', '1/4 cup'),
    plainRow('s', 'sea-salt-fine', '1/2 tsp'),
    plainRow('c', 'chickpeas-canned-drained', '2 cups'),
  ],
});

describe('a swap of a row', () => {
  test('keeps place, hold, note, limits and working where they still make sense', () => {
    const alike = swappedRow(tahini, thing('tahini-hulled'), thing('tahini-black'), '1/4 cup');
    const { sure: _sure, ...kept } = tahini;
    expect(alike).toEqual({ ...kept, ingredientId: 'tahini-black', amount: '1/4 cup' });
    const other = swappedRow(tahini, thing('tahini-hulled'), thing('sunflower-butter'), '60 g');
    expect(other).toMatchObject({ id: 't', hold: true, prep: '', worked: tahini.worked });
    expect(other).not.toHaveProperty('min');
    const garlic: Row = { ...plainRow('g', 'garlic-raw', '1 clove'), germOut: true, atC: 5 };
    const jarred = swappedRow(garlic, thing('garlic-raw'), thing('garlic-granulated'), '1/4 tsp');
    expect(jarred).not.toHaveProperty('germOut');
  });

  test('comes as edits of its dip that lead to what was shown', () => {
    const read = readDip(hummus, kitchen);
    const question = swapQuestionOf(read, kitchen, 't', 'strength');
    if (!question) throw new Error('it can be read');
    const one = swapFor(readySwap(question), thing('sunflower-butter'));
    const edits = swapEdits(hummus, 't', thing('tahini-hulled'), one, () => 'new');
    const after = readDip(applyEdits(hummus, edits), kitchen);
    expect(after.rows.map(({ row }) => row.ingredientId).slice(0, 5)).toEqual([
      'sunflower-butter',
      'lemon-juice',
      'water',
      'sea-salt-fine',
      'chickpeas-canned-drained',
    ]);
    after.parts.forEach(({ massG }, i) => expect(massG).toBeCloseTo(one.parts[i]?.massG ?? NaN, 6));
    const proposal = proposeSwap(hummus, kitchen, 't', one, () => 'new');
    expect(proposal?.after.chilledBody ?? NaN).toBeCloseTo(
      one.proposal.after.chilledBody ?? NaN,
      6,
    );
    expect(proposal?.why).toBe(one.words);
  });

  test('of a whole dip made free leads to what was shown, and takes out what nothing stands in for', () => {
    const garlicky = dip('c', {
      rows: [...hummus.rows, plainRow('g', 'garlic-raw', '1 clove'), plainRow('x', 'feta', '40 g')],
    });
    const read = readDip(garlicky, kitchen);
    const question = swapQuestionOf(read, kitchen, 't', 'strength');
    if (!question) throw new Error('it can be read');
    const larder = [...kitchen.larder.values()];
    const free = { allergens: ['sesame', 'garlic', 'milk'], diets: [] };
    const [one] = madeFree(question, larder, free).proposals;
    if (!one) throw new Error('there is a way');
    const edits = freeEdits(garlicky, question.parts, one, () => 'new');
    const after = readDip(applyEdits(garlicky, edits), kitchen);
    expect(after.rows.map(({ row }) => row.id).slice(0, 5)).toEqual(['t', 'l', 'w', 's', 'c']);
    expect(after.rows.map(({ row }) => row.ingredientId)).not.toContain('garlic-raw');
    const shown = one.parts.filter((part) => part !== null);
    expect(after.parts.map(({ massG }) => massG)).toHaveLength(shown.length);
    after.parts.forEach(({ ingredient, massG }, i) => {
      expect([ingredient.id, Math.round(massG)]).toEqual([
        shown[i]?.ingredient.id,
        Math.round(shown[i]?.massG ?? NaN),
      ]);
    });
  });

  test('of what is not there is not asked', () => {
    expect(swapQuestionOf(readDip(hummus, kitchen), kitchen, 'gone', 'strength')).toBeNull();
    const unread = dip('b', { rows: [plainRow('x', 'water', 'a blorp')] });
    expect(swapQuestionOf(readDip(unread, kitchen), kitchen, 'x', 'strength')).toBeNull();
  });
});

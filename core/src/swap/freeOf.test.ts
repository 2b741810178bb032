import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { swapOf, writtenParts } from '../../test/swapOf';
import { allergensOf } from '../dip/analyse';
import { carriesAllergen } from '../advise/plausible';
import { dietFit } from '../dip/diets';
import type { LandingPart } from '../landing/landParts';
import { shippedLarder } from '../larder/larder';
import type { Family } from '../mix/families';
import { figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { madeFree } from './freeOf';
import { conditionsWith } from './swapQuestion';

const larder = [...shippedLarder.values()];
const there = (part: LandingPart | null) => part !== null;
type Rows = readonly (readonly [id: string, amount: string])[];

function made(rows: Rows, family: Family, allergens: string[], vegan = false, leadId?: string) {
  const question = swapOf(writtenParts(rows), 0, { family, ...(leadId ? { leadId } : {}) });
  const free = { allergens, diets: vegan ? (['vegan'] as const) : [] };
  return { question, ...madeFree(question, larder, free) };
}

const pesto: Rows = [
  ['garlic-raw', '1 clove'],
  ['pine-nut', '1/3 cup'],
  ['basil', '60 g'],
  ['parmesan-style', '40 g'],
  ['olive-oil-extra-virgin', '1/3 cup'],
  ['lemon-juice', '1 tsp'],
  ['sea-salt-fine', '1/4 tsp'],
];
const yogurt: Rows = [
  ['greek-yogurt-10', '300 g'],
  ['feta', '60 g'],
  ['dill', '2 tbsp'],
  ['lemon-juice', '1 tbsp'],
  ['sea-salt-fine', '1/4 tsp'],
  ['olive-oil-extra-virgin', '1 tbsp'],
];

describe('a dip made free of something', () => {
  test('has everything that carries it swapped together, two or three ways', () => {
    const { proposals, carriers, cannot } = made(yogurt, 'yogurt', ['milk']);
    expect(carriers).toEqual([0, 1]);
    expect(cannot).toBeNull();
    expect(proposals.length).toBeGreaterThanOrEqual(2);
    for (const { swapped, parts, words } of proposals) {
      expect(swapped.map(({ index }) => index).sort()).toEqual([0, 1]);
      expect(allergensOf(parts.filter(there))).not.toContain('milk');
      expect(words).toContain('no milk');
    }
    expect(proposals[0]?.swapped[0]?.to?.id).toBe('coconut-yogurt');
    const ranks = proposals.map(({ distance }) => distance);
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  });

  test('vegan, what is of animals goes and what is not stays as it was', () => {
    const { proposals } = made(pesto, 'pesto-spread', [], true);
    const [first] = proposals;
    expect(first?.swapped.map(({ from }) => from.id)).toEqual(['parmesan-style']);
    expect(dietFit(first?.parts.filter(there) ?? [], 'vegan').fits).not.toBe(false);
    expect(first?.parts[2]).toMatchObject({ amountText: '60 g' });
  });

  test('of nuts, no other nut goes in for one; of garlic, no form of it', () => {
    const nuts = made(pesto, 'pesto-spread', ['tree-nut']).proposals[0];
    expect(nuts?.swapped.map(({ from }) => from.id)).toEqual(['pine-nut']);
    expect(nuts?.swapped[0]?.to?.allergens.filter((one) => one.startsWith('tree-nut'))).toEqual([]);
    const garlic = made(pesto, 'pesto-spread', ['garlic']).proposals[0];
    expect(garlic?.swapped[0]).toMatchObject({ to: null });
    expect(garlic?.parts[0]).toBeNull();
  });

  test('that carries none of it is left alone', () => {
    const { proposals, carriers, cannot } = made(pesto, 'pesto-spread', ['sesame']);
    expect([proposals, carriers, cannot]).toEqual([[], [], null]);
  });

  test('leaves alone what nothing may stand in for, and says so', () => {
    const question = { ...swapOf(writtenParts(pesto), 0), locked: [3] };
    const { proposals, cannot } = madeFree(question, larder, { allergens: ['milk'], diets: [] });
    expect(proposals).toEqual([]);
    expect(cannot).toMatch(/cheese.* nothing else may go in for it here/);
    const nuts = madeFree(question, larder, { allergens: ['tree-nut'], diets: [] });
    expect(nuts.proposals.length).toBeGreaterThan(0);
  });

  test('that can’t be so and still be itself says why', () => {
    const butter: Rows = [
      ['butter', '200 g'],
      ['anchovy', '30 g'],
      ['lemon-juice', '1 tbsp'],
    ];
    const { cannot } = made(butter, 'pate', ['milk', 'fish'], false, 'butter');
    expect(cannot).toMatch(/^(Without Butter|Nothing in the larder)/);
  });

  test('whatever it is free of, its parts evaluated again give what was said and none of it is left', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(pesto, yogurt),
        fc.subarray(['milk', 'tree-nut', 'sesame', 'garlic'], { minLength: 1 }),
        fc.boolean(),
        (rows, allergens, vegan) => {
          const { proposals, question } = made(rows, 'yogurt', allergens, vegan);
          for (const { parts: places, proposal } of proposals) {
            const parts = places.filter(there);
            for (const allergen of allergens)
              expect(parts.some(({ ingredient }) => carriesAllergen(ingredient, allergen))).toBe(
                false,
              );
            const again = figuresOf(mixOf(parts), conditionsWith(question.under, parts));
            expect(again).toEqual(proposal.after);
          }
        },
      ),
      { numRuns: 20 },
    );
  });
});

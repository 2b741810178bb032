import { describe, expect, test } from '@jest/globals';
import { judge, type JudgedLine } from '../../test/lines/judge';
import recipes from '../../test/lines/recipes.json';
import { shippedLarder } from '../larder/larder';
import { mostLines, readRecipe } from './readRecipe';

interface JudgedRecipe {
  title: string;
  measures: 'us' | 'metric' | 'australian' | 'british';
  servings: string;
  text: string;
  want: JudgedLine[];
  notIngredients: string[];
}

const read = (text: string) => readRecipe(text, { larder: shippedLarder, measures: 'metric' });

describe.each(recipes as unknown as JudgedRecipe[])(
  '$title',
  ({ title, measures, text, ...recipe }) => {
    const { title: got, makes, lines } = readRecipe(text, { larder: shippedLarder, measures });

    test('has its name and what it makes', () => {
      const plain = (name: string | null) =>
        name?.toLowerCase().replace(/&/g, 'and').replace(/,/g, '');
      expect(plain(got)).toBe(plain(title));
      expect(makes).not.toBeNull();
    });

    test('every line of its list is read right or rightly asked about', () => {
      const wrong = recipe.want.flatMap((wanted) => {
        const line = lines.find(({ text: said }) => said === wanted.line);
        if (!line) return [`${wanted.line}: not there`];
        const { verdict, faults } = judge(wanted, line);
        return verdict === 'wrong' ? [`${wanted.line}: ${faults.join(', ')}`] : [];
      });
      expect(wrong).toEqual([]);
    });

    test('nothing comes of its headings and steps', () => {
      const from = recipe.notIngredients.map((step) =>
        lines.find(({ text: said }) => said === step),
      );
      expect(from.map((line) => line && line.parts.length + line.ask.length)).toEqual(
        recipe.notIngredients.map(() => 0),
      );
    });
  },
);

test('each line that is not blank comes to something or says why not', () => {
  const text = 'Walnut dip\n\n200 g walnuts\n\n\nvinegar\nMix.\n';
  const { lines } = read(text);
  expect(lines.map(({ line, skipped }) => [line, skipped])).toEqual([
    [1, 'heading'],
    [3, null],
    [6, null],
    [7, 'step'],
  ]);
});

test('a heading says where what is under it goes, until the next', () => {
  const { lines } = read(
    'For the dip\n200 g feta\nTo serve:\n1 tbsp olive oil\nIngredients\n1 tsp salt',
  );
  const places = lines.flatMap(({ parts }) => parts.map(({ place }) => place));
  expect(places).toEqual(['bowl', 'top', 'bowl']);
});

test('a list without a name has none, and one line is read by itself', () => {
  expect(read('200 g feta\n1 tsp salt\n2 tbsp water').title).toBeNull();
  expect(read('salt').lines[0]?.ask[0]?.kind).toBe('open');
});

test('a text without end is cut off and answered', () => {
  const { lines } = read('1 tsp salt\n'.repeat(5 * mostLines));
  expect(lines.length).toBe(mostLines);
});

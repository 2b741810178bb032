import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { refusal } from '../../test/refusal';
import { bookKitchen } from '../book/bookKitchen';
import { readBookFile } from '../book/readBookFile';
import { analyseDip, readDip } from '../dip/analyseDip';
import { readRecipe } from '../lines/readRecipe';
import { markdownCard, textCard } from './recipeCard';
import { recipeJsonLd } from './recipeJsonLd';
import { readRecipeFile } from './readRecipeFile';
import { writtenDip } from './writtenDip';

const file = join(__dirname, '../../../web/public/sample-book.json');
const book = readBookFile(readFileSync(file, 'utf8'));
const kitchen = bookKitchen(book);
const dips = [...book.dips.values()].filter(
  // what is made here and half a can are known to this kitchen alone
  ({ rows }) => !rows.some(({ ingredientId }) => ingredientId.startsWith('made-')),
);
const written = (id: string) => {
  const dip = book.dips.get(id);
  if (!dip) throw new Error(`no dip ${id}`);
  return writtenDip(readDip(dip, kitchen), kitchen);
};
const reads = (text: string) => {
  const { title, lines } = readRecipe(text, kitchen);
  return {
    title,
    // a thing of many names is asked about, with what it is taken for meanwhile
    parts: lines.flatMap(({ parts, ask }) => [...parts, ...ask.flatMap(({ part }) => part ?? [])]),
    asked: lines.flatMap(({ ask }) => ask.map(({ part }) => part?.ingredient)),
  };
};

describe('a dip carried to another program and back', () => {
  test('there are dips to carry', () => expect(dips.length).toBeGreaterThan(9));

  test.each(dips.map((dip) => [dip.name, dip.id]))(
    '%s: the same things, in order, as much of each',
    (_, id) => {
      const dip = book.dips.get(id);
      if (!dip) throw new Error('it is there');
      const { parts } = analyseDip(dip, kitchen);
      const there = parts.map(({ ingredient, massG }) => [ingredient.id, massG] as const);
      const card = written(id);
      for (const [form, text] of [
        ['markdown', markdownCard(card)],
        ['text', textCard(card)],
        ['json-ld', readRecipeFile(JSON.stringify(recipeJsonLd(card)))?.text ?? ''],
      ] as const) {
        const back = reads(text);
        expect([form, back.title]).toEqual([form, dip.name]);
        expect([form, back.asked.filter((one) => one !== 'seeds-toasted-mix')]).toEqual([form, []]);
        expect([form, back.parts.map(({ ingredient }) => ingredient)]).toEqual([
          form,
          there.map(([ingredient]) => ingredient),
        ]);
        back.parts.forEach(({ massG }, i) => {
          const g = there[i]?.[1] ?? 0;
          expect(Math.abs(massG - g)).toBeLessThanOrEqual(0.03 * g + 0.5);
        });
      }
    },
  );
});

describe('JSON-LD out', () => {
  const card = written('weir-house-hummus');
  const recipe = recipeJsonLd(card);

  test('is a schema.org Recipe with what goes in, how, and what it contains', () => {
    expect(recipe).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe' });
    expect(recipe['recipeIngredient']).toHaveLength(10);
    expect(recipe['recipeInstructions']).toHaveLength(10);
    expect(recipe['description']).toContain('Contains sesame');
  });

  test('a gram of salt is 393 mg of sodium', () => {
    const { sodiumContent } = recipe['nutrition'] as Record<string, string>;
    expect(Number.parseInt(sodiumContent ?? '', 10)).toBeCloseTo(393.4 * card.per100g.saltG, -1);
  });
});

describe('Markdown', () => {
  test('what it would take for its own is kept as it is', () => {
    const card = { ...written('weir-house-hummus'), name: 'A *very* [good] dip_1 <b>' };
    expect(markdownCard(card)).toContain('# A \\*very\\* \\[good\\] dip\\_1 \\<b\\>');
  });
});

const page = (json: string) =>
  `<!doctype html><html><head><script>var x = 1;</script><script type="application/ld+json">${json}</script></head><body><p>Hello</p></body></html>`;
const recipe = {
  '@context': 'https://schema.org',
  '@graph': [
    { '@type': 'WebPage', name: 'A page' },
    {
      '@type': ['Thing', 'Recipe'],
      name: 'Lockside &amp; Weir dip',
      recipeYield: ['4', '4 servings'],
      author: [{ '@type': 'Person', name: 'The cox' }],
      recipeIngredient: ['200 g chickpeas', '&frac12; tsp salt', '<b>2 tbsp</b> tahini'],
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          name: 'Blend',
          itemListElement: [{ '@type': 'HowToStep', text: 'Blend it.' }],
        },
        'Taste it.',
      ],
    },
  ],
};

describe('recipe data of another program', () => {
  test('is found in a saved page, wherever it stands, with its entities and tags taken out', () => {
    const read = readRecipeFile(page(JSON.stringify(recipe)));
    expect(read?.name).toBe('Lockside & Weir dip');
    expect(read?.source).toBe('The cox');
    expect(read?.text.split('\n')).toEqual([
      ...['Lockside & Weir dip', 'Makes 4', '', '200 g chickpeas', '½ tsp salt', '2 tbsp tahini'],
      ...['', 'Method', '1. Blend it.', '2. Taste it.', 'From The cox'],
    ]);
  });

  test('text that is neither is no recipe data', () => {
    expect(readRecipeFile('Hummus\n200 g chickpeas')).toBeNull();
    expect(readRecipeFile('')).toBeNull();
  });

  test.each([
    ['<html><body>no data</body></html>', ''],
    ['{ not json', ''],
    ['{"@type":"Person","name":"x"}', '@type'],
    ['{"@type":"Recipe","name":"x"}', 'recipeIngredient'],
    [JSON.stringify({ '@type': 'Recipe', recipeIngredient: [null, {}, ''] }), 'recipeIngredient'],
  ])('%s is refused with the field that is wrong', (text, field) => {
    expect(refusal(() => readRecipeFile(text))).toMatchObject({ field });
  });

  test('whatever is changed in a file, it is read, refused or taken for text, and never hangs', () => {
    const files = [page(JSON.stringify(recipe)), JSON.stringify(recipe)];
    const change = fc.record({
      file: fc.constantFrom(...files),
      at: fc.nat(2000),
      cut: fc.nat(60),
      put: fc.oneof(
        fc.string({ maxLength: 20 }),
        fc.constantFrom(
          '<script',
          '</script>',
          '<',
          '{',
          '[[[[',
          '&#99999999;',
          '"@type":"Recipe"',
          '\u0000',
        ),
      ),
    });
    fc.assert(
      fc.property(change, ({ file: text, at, cut, put }) => {
        const changed = text.slice(0, at) + put + text.slice(at + cut);
        let answer: unknown;
        try {
          answer = readRecipeFile(changed);
        } catch (error) {
          answer = error instanceof Error ? error.message : null;
          expect(String(answer)).toMatch(/\.$/);
        }
        expect(answer).not.toBeUndefined();
      }),
      { numRuns: 2000 },
    );
    // thousands of openings and none closed
    expect(refusal(() => readRecipeFile(`<html>${'<script type=a>'.repeat(50_000)}`))).toBeTruthy();
  });
});

import { describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { linesRequest } from './linesRequest';

const text = `Walnut dip
makes 2 jars

200 g walnuts, toasted
250 g dried chickpeas
1 tbsp vinegar
salt to taste

Blend all of it.`;

describe('lines of a recipe', () => {
  const { title, makes, parts, ask, skipped } = linesRequest({ text, measures: 'metric' });

  test('have their numbers, from 1, and each that is not blank stands somewhere', () => {
    const numbers = [...parts, ...ask, ...skipped].map(({ line }) => line);
    expect([...new Set(numbers)].sort((a, b) => a - b)).toEqual([1, 2, 4, 5, 6, 7, 9]);
  });

  test('come to a title, a size, parts in grams of the ready thing, questions and the rest', () => {
    expect([title, makes]).toEqual(['Walnut dip', 'makes 2 jars']);
    expect(
      parts.map(({ line, ingredient, massG, raw }) => [line, ingredient, massG, raw?.massG]),
    ).toEqual([
      [4, 'walnut', 200, undefined],
      [5, 'chickpeas-cooked', expect.closeTo(550, 6), 250],
    ]);
    expect(ask.map(({ line, kind, part }) => [line, kind, part?.massG])).toEqual([
      [6, 'form', expect.closeTo(15.15, 2)],
      [7, 'open', 0],
    ]);
    expect(skipped.map(({ line, why }) => [line, why])).toEqual([
      [1, 'heading'],
      [2, 'note'],
      [9, 'step'],
    ]);
  });

  test('are read with measures and a larder of one’s own', () => {
    const spoon = (measures: string) => linesRequest({ text: '1 tbsp water', measures }).parts[0];
    expect(spoon('australian')?.massG).toBeCloseTo(19.96, 2);
    expect(linesRequest({ text: '1 tbsp water' }).parts[0]?.massG).toBeCloseTo(14.76, 2);
    const larder = [{ id: 'boat-paste', like: 'tahini-hulled', name: 'Boat paste' }];
    const { parts: own } = linesRequest({ text: '50 g boat paste', larder });
    expect(own.map(({ ingredient }) => ingredient)).toEqual(['boat-paste']);
  });

  test('a text that is missing, too long or of strange measures is refused by name', () => {
    expect(refusal(() => linesRequest({})).field).toBe('text');
    expect(refusal(() => linesRequest({ text: 'a'.repeat(20_001) })).field).toBe('text');
    expect(refusal(() => linesRequest({ text: '', measures: 'roman' })).field).toBe('measures');
    expect(linesRequest({ text: '\n \n' })).toEqual({ parts: [], ask: [], skipped: [] });
  });
});

import { describe, expect, test } from '@jest/globals';
import { shippedLarder } from '../larder/larder';
import { understandLine } from './understand';

const metric = { larder: shippedLarder, measures: 'metric' } as const;
const understood = (text: string, picked?: ReadonlyMap<string, string>) =>
  understandLine(text, picked ? { ...metric, picked } : metric);

describe('a line that is typed', () => {
  test('is understood without a question where it is sure', () => {
    const { parts, question } = understood('½ lemon');
    expect(question).toBeNull();
    expect(parts.map(({ ingredient, massG }) => [ingredient, massG])).toEqual([
      ['lemon-juice', 23],
    ]);
  });

  test('that leaves an amount open asks nothing: what is open is shown so', () => {
    const { parts, question } = understood('salt and pepper');
    expect(question).toBeNull();
    expect(parts.map(({ amount }) => amount)).toEqual(['to taste', 'to taste']);
  });

  test('has a choice for each thing it may be, each in its own grams', () => {
    const { question, choices } = understood('1 tbsp coriander');
    expect(question?.food).toBe('coriander');
    expect(choices.map(({ ingredient, part }) => [ingredient, part.amount])).toEqual([
      ['coriander-leaf', '1 tbsp'],
      ['coriander-seed-ground', '1 tbsp'],
    ]);
    // 15 ml at 0.155, chopped in a spoon, and at 0.365 g/ml
    expect(choices.map(({ part }) => Number(part.massG.toFixed(1)))).toEqual([3.3, 5.5]);
  });

  test('of another food can be said to be one of the larder’s, and is the next time', () => {
    const { question, choices } = understood('2 tsp tomato ketchup');
    expect(choices.map(({ part }) => [part.ingredient, part.amount])).toEqual([
      ['tomato-fresh', '2 tsp'],
    ]);
    const again = understood(
      '1 tbsp tomato ketchup',
      new Map([[question?.food ?? '', 'tomato-fresh']]),
    );
    expect([again.question, again.parts.length]).toEqual([null, 1]);
  });

  test('of a food nobody knows takes its amount along to what it is said to be', () => {
    const picked = new Map([['pickled turnips', 'gherkin-pickled']]);
    const { parts, question } = understood('30 g pickled turnips', picked);
    expect(question).toBeNull();
    expect(parts.map(({ ingredient, massG }) => [ingredient, massG])).toEqual([
      ['gherkin-pickled', 30],
    ]);
  });

  test('that asks about an amount offers what was understood', () => {
    const { choices } = understood('1 cup (110 g) tahini');
    expect(choices.map(({ part }) => part.massG)).toEqual([110]);
  });
});

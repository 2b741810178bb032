import { describe, expect, test } from '@jest/globals';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { typedOptions } from './typedOptions';

const offered = (text: string, picked?: ReadonlyMap<string, string>) =>
  typedOptions(text, { larder: shippedLarder, measures: 'us', ...(picked ? { picked } : {}) });
const firstOf = (text: string) => offered(text).options[0]?.parts[0];

describe('what is typed to add a row', () => {
  test.each([
    ['lemon juice', '', 'lemon-juice'],
    ['2 tbsp lemon juice', '2 tbsp', 'lemon-juice'],
    ['1/2 cup of tahini', '1/2 cup', 'tahini-hulled'],
    ['3 cloves garlic', '3 cloves', 'garlic-raw'],
    ['garlic, 3 cloves', '3 cloves', 'garlic-raw'],
    ['a pinch of salt', 'a pinch', 'sea-salt-fine'],
    ['2 x 400 g cans chickpeas', '2 x 400 g cans', 'chickpeas-canned-drained'],
    ['juice of half a lemon', 'juice of half a lemon', 'lemon-juice'],
    ['salt to taste', 'to taste', 'sea-salt-fine'],
  ])('“%s” is understood as %s of %s, first of all', (text, amount, id) => {
    expect(offered(text).options[0]?.kind).toBe('understood');
    expect([firstOf(text)?.amount, firstOf(text)?.ingredient]).toEqual([amount, id]);
  });

  test.each([
    ['lem', 'lemon-juice'],
    ['2 tbsp lem', 'lemon-juice'],
  ])('half a word finds what begins so: %s', (text, id) => {
    const { options } = offered(text);
    expect(options.some(({ parts }) => parts[0]?.ingredient === id)).toBe(true);
    expect(options.every(({ kind }) => kind === 'name')).toBe(true);
  });

  test('several foods are one thing to take', () => {
    const { options } = offered('2 tbsp each of lime juice and tahini');
    expect(options.length).toBe(1);
    expect(options[0]?.parts.length).toBe(2);
  });

  test('what is not sure is asked and has nothing to take by itself', () => {
    const { options, why } = offered('1 tsp coriander');
    expect(why).toBe('Which coriander?');
    expect(options.map(({ kind, food }) => [kind, food])).toEqual([
      ['choice', 'coriander'],
      ['choice', 'coriander'],
    ]);
  });

  test('what was answered before is understood', () => {
    const { options } = offered('1 tsp coriander', new Map([['coriander', 'coriander-leaf']]));
    expect([options[0]?.kind, options[0]?.parts[0]?.ingredient]).toEqual([
      'understood',
      'coriander-leaf',
    ]);
  });

  test('a food the larder has not is never taken for another one', () => {
    const { options, why } = offered('1 cup cooked rice');
    expect(why).toContain('not in the larder');
    expect(options.every(({ kind }) => kind === 'choice')).toBe(true);
  });

  test('nothing typed offers nothing', () => {
    expect(offered('  ')).toEqual({ options: [], why: null });
  });
});

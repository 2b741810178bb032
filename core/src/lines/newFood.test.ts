import { expect, test } from '@jest/globals';
import { larderWith, shippedLarder } from '../larder/larder';
import { newFood } from './newFood';
import { readLine } from './readLine';

const ask = (line: string) => {
  const [question] = readLine(line, { larder: shippedLarder, measures: 'metric' }).ask;
  if (!question) throw new Error(`${line} asks nothing`);
  return question;
};

const ketchup = { id: 'tomato-ketchup', like: 'tomato-fresh', name: 'Tomato ketchup' };

test('a food that is lacking is kept like the nearest, and then found by the cook’s words', () => {
  const line = '2 tsp tomato ketchup';
  expect(newFood(ask(line), shippedLarder)).toEqual(ketchup);
  const { parts, ask: asked } = readLine(line, {
    larder: larderWith([ketchup]),
    measures: 'metric',
  });
  expect([parts.map(({ ingredient }) => ingredient), asked]).toEqual([['tomato-ketchup'], []]);
});

test('an id that is taken gets a number, and what the larder has is nothing new', () => {
  const again = newFood(ask('2 tsp tomato ketchup'), larderWith([ketchup]));
  expect(again?.id).toBe('tomato-ketchup-2');
  expect(newFood(ask('1 tsp coriander'), shippedLarder)).toBeNull();
});

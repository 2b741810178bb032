import { expect, test } from '@jest/globals';
import { straightScale } from './scale';

test('values are placed straight, and back, held at the ends', () => {
  const x = straightScale([2, 12], [10, 110]);
  expect([2, 7, 12].map(x)).toEqual([10, 60, 110]);
  expect([0, 20].map(x)).toEqual([10, 110]);
  expect([10, 60, 200].map(x.invert)).toEqual([2, 7, 12]);
});

test('one that is not held goes on', () => {
  expect(straightScale([0, 10], [0, 100], false)(15)).toBeCloseTo(150);
});

test('a falling range, as heights are', () => {
  const y = straightScale([0, 4], [100, 20]);
  expect([0, 1, 4].map(y)).toEqual([100, 80, 20]);
  expect([100, 80, 20, 0].map(y.invert)).toEqual([0, 1, 4, 4]);
});

test('in pieces: a quiet stretch is drawn short', () => {
  const x = straightScale([0, 60, 600, 660], [0, 60, 80, 140]);
  expect([30, 60, 330, 600, 630].map(x)).toEqual([30, 60, 70, 80, 110]);
  expect([30, 70, 110].map(x.invert)).toEqual([30, 330, 630]);
});

test('an axis with no length places everything in its middle', () => {
  expect(straightScale([3, 3], [0, 10])(3)).toBe(5);
});

test('ticks are round', () => {
  expect(straightScale([0, 2.3], [0, 100]).ticks(6)).toEqual([0, 0.5, 1, 1.5, 2]);
});

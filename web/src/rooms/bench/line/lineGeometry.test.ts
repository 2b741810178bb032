import { describe, expect, test } from '@jest/globals';
import { type Point, spreadArea, threadLine } from './lineGeometry';

const places: Point[] = [
  { x: 10, y: 20, left: 8, right: 13 },
  { x: 30, y: 60, left: 25, right: 34 },
  { x: 22, y: 100, left: 22, right: 22 },
];

describe('the thread and its spread as paths', () => {
  test('the thread runs straight through every place, in order', () => {
    expect(threadLine(places)).toBe('M10,20L30,60L22,100');
  });

  test('the spread goes down its right ends, comes back up its left ones, and is closed', () => {
    expect(spreadArea(places)).toBe('M13,20L34,60L22,100L22,100L25,60L8,20Z');
  });

  test('no places are no path', () => {
    expect([threadLine([]), spreadArea([])]).toEqual(['', '']);
  });
});

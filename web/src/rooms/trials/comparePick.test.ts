import { beforeEach, expect, test } from '@jest/globals';
import { compareAddress } from '@/components/compareAddress';
import { mostCompared, pick, pickNone, usePicked } from './comparePick';

beforeEach(pickNone);

test('picking takes in order, letting go takes out, a seventh is not taken', () => {
  for (const id of ['a', 'b', 'c', 'b', 'd', 'e', 'f', 'g', 'h']) pick(id);
  const { ids } = usePicked.getState();
  expect(ids).toEqual(['a', 'c', 'd', 'e', 'f', 'g']);
  expect(ids.length).toBe(mostCompared);
});

test('the address holds ids whatever is in them', () => {
  expect(compareAddress(['a 1', 'b&c'])).toBe('/trials?compare=a%201,b%26c');
});

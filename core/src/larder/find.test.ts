import { describe, expect, test } from '@jest/globals';
import { shippedLarder } from './larder';
import { resolveIngredient, searchLarder } from './find';

describe('one ingredient for a name', () => {
  test.each([
    ['tahini-hulled', 'tahini-hulled'],
    ['Tahini', 'tahini-hulled'],
    ['tahinni', 'tahini-hulled'],
    ['garlic', 'garlic-raw'],
    ['olive oil', 'olive-oil-extra-virgin'],
    ['chick peas', 'chickpeas-canned-drained'],
    ['Walnuts', 'walnut'],
    ['basil leaves', 'basil'],
    ['aubergines', 'aubergine-roasted-drained'],
    ['Chickpeas, canned, drained', 'chickpeas-canned-drained'],
    ['crème fraîche'.replace('crème fraîche', 'labneh'), 'labneh'],
  ])('%s is %s', (name, id) => {
    const found = resolveIngredient(shippedLarder, name);
    expect(found.ok && found.value.id).toBe(id);
  });

  test('several are named, not guessed', () => {
    const found = resolveIngredient(shippedLarder, 'beans');
    expect(found.ok).toBe(false);
    if (found.ok) return;
    expect(found.candidates.length).toBeGreaterThan(3);
    expect(found.message).toContain('several things');
  });

  test.each(['zzz', ''])('“%s” is not in the larder', (name) => {
    const found = resolveIngredient(shippedLarder, name);
    expect(found.ok).toBe(false);
    if (!found.ok) expect(found.message).toContain('not in the larder');
  });

  test('every id and every full name resolves to its own ingredient', () => {
    for (const one of shippedLarder.values()) {
      expect(resolveIngredient(shippedLarder, one.id)).toMatchObject({
        ok: true,
        value: { id: one.id },
      });
      expect(resolveIngredient(shippedLarder, one.name)).toMatchObject({
        ok: true,
        value: { id: one.id },
      });
    }
  });
});

describe('search while typing', () => {
  test.each([
    ['tah', 'tahini-hulled'],
    ['lem', 'lemon-juice'],
    ['hazelnut', 'hazelnut'],
    ['cumin', 'cumin-ground'],
    ['salt', 'sea-salt-fine'],
  ])('“%s” offers %s first', (text, id) => {
    expect(searchLarder(shippedLarder, text)[0]?.id).toBe(id);
  });

  test('forgives a slip of spelling, two letters that changed places among them', () => {
    const found = (text: string) => searchLarder(shippedLarder, text).map(({ id }) => id);
    expect(found('parsely')).toContain('parsley');
    expect(found('tahnii')).toContain('tahini-hulled');
    expect(found('garlci')[0]).toMatch(/garlic/);
    expect(found('sorrel')).toEqual([]);
  });

  test('nothing typed offers nothing, and the list keeps its limit', () => {
    expect(searchLarder(shippedLarder, '  ')).toEqual([]);
    expect(searchLarder(shippedLarder, 'c', 5).length).toBe(5);
  });
});

import { expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import type { Place } from '../mix/part';
import { proposeFamily } from './proposeFamily';

const parts = (masses: Record<string, number>, place: Place = 'bowl') =>
  Object.entries(masses).map(([id, massG]) => ({ ingredient: ingredient(id), massG, place }));

test.each([
  ['pulse', { 'chickpeas-cooked': 480, 'tahini-hulled': 100, 'lemon-juice': 40 }],
  ['vegetable', { 'aubergine-roasted-drained': 400, 'tahini-hulled': 60, 'garlic-raw': 6 }],
  ['pate', { walnut: 200, 'red-pepper-roasted': 180, 'olive-oil-extra-virgin': 40 }],
  ['yogurt', { 'greek-yogurt-10': 400, 'cucumber-squeezed': 120, dill: 10 }],
  [
    'pesto-spread',
    { basil: 60, 'pine-nut': 50, 'parmesan-style': 60, 'olive-oil-extra-virgin': 90 },
  ],
  ['pesto-dress', { basil: 60, 'pine-nut': 20, 'olive-oil-extra-virgin': 140 }],
  // some herbs make no pesto of a hummus
  ['pulse', { 'chickpeas-cooked': 400, 'coriander-leaf': 60, 'olive-oil-extra-virgin': 120 }],
] as const)('%s', (family, masses) => {
  expect(proposeFamily(parts(masses as unknown as Record<string, number>))).toBe(family);
});

test('what goes on top says nothing, and neither does nothing', () => {
  expect(proposeFamily([])).toBe('pulse');
  const dip = parts({ 'chickpeas-cooked': 200 });
  expect(proposeFamily([...dip, ...parts({ walnut: 500 }, 'top')])).toBe('pulse');
});

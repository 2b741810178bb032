import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { larderFromCsv } from '../../../scripts/larderFromCsv';
import { systemVolumesMl } from '../amounts/measureSystem';
import sources from './data/sources.json';
import shipped from './data/ingredients.json';
import { larderWith, shippedLarder } from './larder';

const all = [...shippedLarder.values()];
const csv = readFileSync(join(__dirname, '../../data/ingredients.csv'), 'utf8');

describe('the shipped larder', () => {
  test('holds 259 ingredients with ids of their own', () => {
    expect(shipped.id.length).toBe(259);
    expect(shippedLarder.size).toBe(259);
  });

  test('is what the table says', () => {
    const fromTable = larderFromCsv(csv);
    expect(shipped).toEqual(fromTable.columns);
    expect(sources).toEqual(fromTable.sources);
  });

  test.each(all.map((one) => [one.id, one] as const))('%s adds up', (_, one) => {
    const sum =
      one.waterG +
      one.fatG +
      one.proteinG +
      one.starchG +
      one.sugarsG +
      one.fibreG +
      one.saltG +
      one.acidG +
      one.ashG;
    expect(sum).toBeGreaterThanOrEqual(95);
    expect(sum).toBeLessThanOrEqual(101);
    expect(one.densityGPerMl).toBeGreaterThan(0);
    expect(one.pieceName === null).toBe(one.pieceG === null);
  });

  /** Weights of level cups and spoons written in the notes against the density beside them. */
  const measured = all.flatMap((one) => {
    const { measureNote } = sources[one.id as keyof typeof sources];
    const note = /(cup|tablespoon|teaspoon)s? (?:about )?([\d.]+) g/.exec(measureNote);
    const unit = { cup: 'cup', tablespoon: 'tbsp', teaspoon: 'tsp' } as const;
    const which = note?.[1] as keyof typeof unit | undefined;
    return note && which ? [[one.id, one, unit[which], Number(note[2])] as const] : [];
  });

  test('has a measured weight for most', () => expect(measured.length).toBeGreaterThan(150));

  test.each(measured)('%s: density agrees with its measured weight', (_, one, unit, grams) => {
    const predicted = one.densityGPerMl * systemVolumesMl.us[unit];
    expect(Math.abs(predicted - grams) / grams).toBeLessThan(0.12);
  });
});

describe('a cook’s own ingredients', () => {
  test('like another take its facts but for what differs', () => {
    const larder = larderWith([
      { id: 'own-tahini', like: 'tahini-hulled', name: 'Our tahini', fatG: 60 },
    ]);
    const own = larder.get('own-tahini');
    expect(own).toMatchObject({ name: 'Our tahini', fatG: 60, structure: 'sesame-paste' });
    expect(own?.allergens).toEqual(ingredient('tahini-hulled').allergens);
    expect(shippedLarder.has('own-tahini')).toBe(false);
  });

  test('correct a shipped one under its own id', () => {
    const larder = larderWith([{ id: 'lemon-juice', like: 'lemon-juice', pieceG: 35 }]);
    expect(larder.get('lemon-juice')).toMatchObject({ name: 'Lemon juice', pieceG: 35, acidG: 5 });
    expect(larder.size).toBe(259);
  });

  test('like nothing are refused by name', () => {
    expect(() => larderWith([{ id: 'own-x', like: 'not-there' }])).toThrow(/“not-there”.*“own-x”/);
  });
});

import { expect, test } from '@jest/globals';
import { kitchenOf } from '../../test/kitchenOf';
import { emptyDip, plainRow } from '../dip/dip';
import { dipOfWritten, writtenId, writtenTrial } from './writtenTrial';

test('a dip as it is written is what it would be made of, read by nobody', () => {
  const dip = {
    ...emptyDip('weir', 'Weir house hummus', '2026-06-12T09:00:00.000Z'),
    rows: [
      plainRow('t', 'tahini-hulled', '80 g'),
      plainRow('w', 'water', 'a bucket'),
      plainRow('x', 'gone-from-the-larder', '1 g'),
    ],
  };
  const trial = writtenTrial(dip, kitchenOf());
  expect(trial).toMatchObject({ id: 'dip:weir', dipId: 'weir', readings: [], yieldG: null });
  // what can't be read counts as nothing, what is not in the larder is left out
  expect(trial.rows.map(({ ingredientId, massG }) => [ingredientId, massG])).toEqual([
    ['tahini-hulled', 80],
    ['water', 0],
  ]);
  expect(dipOfWritten(writtenId('weir'))).toBe('weir');
  expect(dipOfWritten('weir')).toBeNull();
});

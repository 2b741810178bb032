import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { shippedLarder } from '../larder/larder';
import { dipTimeline } from './dipTimeline';
import { readBookFile } from './readBookFile';

const file = join(__dirname, '../../../web/public/sample-book.json');
const sample = readBookFile(readFileSync(file, 'utf8'));

test('what happened to a dip stands in order, with what came of it', () => {
  const book = bookOf(
    [dip('a'), dip('b', { parentId: 'a', createdAt: '2026-05-09T10:00:00.000Z' }), dip('c')],
    [
      trial('t2', 'a', {
        number: 2,
        madeAt: '2026-05-07T10:00:00.000Z',
        tastes: { salt: 'short', sour: 'right' },
        changeNext: 'more salt',
        readings: [
          {
            ...{ taken: { eye: 'scoops' }, atC: null, when: 'chilled', leftOut: false },
            takenAt: '2026-05-07T12:00:00.000Z',
          },
        ],
      }),
      trial('t1', 'a', { madeAt: '2026-05-06T10:00:00.000Z' }),
      trial('other', 'c'),
    ],
  );
  const told = dipTimeline(book, 'a', shippedLarder);
  expect(told.map(({ on, title, says }) => [on, title, says])).toEqual([
    ['2026-05-04', 'Begun', ''],
    ['2026-05-06', 'Trial 1', ''],
    ['2026-05-07', 'Trial 2', 'salt short · next: more salt'],
    ['2026-05-09', 'Variant: Dip b', ''],
  ]);
  expect(told[2]?.body).toBeGreaterThan(6);
  expect(told[2]?.body).toBeLessThan(7.5);
  expect(dipTimeline(book, 'b', shippedLarder)[0]?.title).toBe('Begun as a variant of Dip a');
  expect(dipTimeline(book, 'gone', shippedLarder)).toEqual([]);
});

test('every trial, batch, swap and plan of the sample book stands in its dip’s, and nowhere else', () => {
  const all = [...sample.dips.keys()].flatMap((id) => dipTimeline(sample, id, shippedLarder));
  const count = (kind: string) => all.filter((one) => one.kind === kind).length;
  expect(count('trial')).toBe(sample.trials.size);
  expect(count('swap')).toBe(sample.swaps.size);
  expect(count('batch')).toBe([...sample.batches.values()].filter((one) => !one.thing).length);
  expect(count('on purpose')).toBe(sample.designs.size + sample.ladders.size);
  expect(count('variant')).toBe([...sample.dips.values()].filter((one) => one.parentId).length);
});

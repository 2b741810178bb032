import { describe, expect, test } from '@jest/globals';
import { bookOf, trial as keptTrial } from '../../test/bookOf';
import {
  type DesignResponse,
  designResults,
  designsOfTrial,
  type MixtureDesign,
} from '../design/mixtureDesign';
import type { KeptReading } from '../readings/keptReading';
import { pressYieldStressPa } from '../readings/pressTest';
import type { Tasting } from '../taste/tasting';
import { type Book, emptyBook } from './book';
import { takenResponses } from './designTaken';

const trial = (id: string, more: Partial<MixtureDesign['trials'][number]> = {}) => ({
  ...{ id, shares: [0.5, 0.5], amounts: [], massG: 100, marks: {} },
  ...more,
});
const liking: DesignResponse = { name: 'liking', goal: 'more', from: 'likings' };
const design = (...trials: MixtureDesign['trials']): MixtureDesign => ({
  ...{ id: 'd', dipId: 'dip', name: 'D', components: [], model: 'linear' },
  responses: [liking],
  ...{ efficiency: 1, cut: [], trials, createdAt: '2026-05-06T09:00:00.000Z' },
});
const tasting = (marks: Tasting['marks'], more: Partial<Tasting> = {}): Tasting => ({
  ...{ id: 't', name: 'T', kind: 'each', blind: true, eatenWith: '', atC: null },
  asks: { liking: true, jar: [], words: [], note: false },
  samples: [
    { id: 's1', of: { kind: 'trial', id: 'made-1' }, name: 'one' },
    { id: 's2', of: { kind: 'trial', id: 'made-2' }, name: 'two' },
  ],
  pots: [
    { code: '111', sampleId: 's1' },
    { code: '222', sampleId: 's2' },
    { code: '333', sampleId: 's1' },
  ],
  seats: [],
  marks,
  ...{ createdAt: '2026-05-06T09:00:00.000Z', closedAt: '2026-05-06T10:00:00.000Z' },
  ...more,
});
/** A book in which one tasting is. */
const inBook = (one: Tasting): Book => ({ ...emptyBook(), tastings: new Map([['t', one]]) });

describe('a response taken from tastings', () => {
  const one = design(
    trial('a', { made: { kind: 'trial', id: 'made-1' } }),
    trial('b', { made: { kind: 'trial', id: 'made-3' } }),
    trial('c'),
  );
  const marks = [
    { seatId: 'bow', code: '111', liking: 6 },
    { seatId: 'bow', code: '333', liking: 8 },
    { seatId: 'two', code: '111', liking: 7 },
    { seatId: 'two', code: '222', liking: 2 },
    { seatId: 'three', code: '111' },
  ];
  const taken = takenResponses(one, liking, inBook(tasting(marks)));

  test('is the mean of every liking of that bowl, in any pot of it, with how sure it is: by hand', () => {
    // 6, 7, 8: mean 7, sd 1, over √3
    expect(taken.get('a')).toEqual({ y: 7, n: 3, sd: expect.closeTo(1 / Math.sqrt(3), 9) });
    expect([...taken.keys()]).toEqual(['a']);
  });

  test('counts until something else is typed', () => {
    expect(designResults(one, 'liking', taken)).toEqual([{ shares: [0.5, 0.5], y: 7 }]);
    const typed = design(trial('a', { marks: { liking: 5, colour: 3 }, day: 2 }));
    expect(designResults(typed, 'liking', taken)).toEqual([{ shares: [0.5, 0.5], y: 5, day: 2 }]);
    expect(designResults(typed, 'colour')).toEqual([{ shares: [0.5, 0.5], y: 3, day: 2 }]);
  });

  test('is none of what is marked by hand', () => {
    expect(takenResponses(one, {}, inBook(tasting(marks))).size).toBe(0);
  });

  test('is none of a blind tasting until it is closed', () => {
    const open = (blind: boolean) => inBook(tasting(marks, { blind, closedAt: null }));
    expect(takenResponses(one, liking, open(true)).size).toBe(0);
    expect(takenResponses(one, liking, open(false)).size).toBe(1);
  });

  test('body is that of the chilled bowl by its most telling reading', () => {
    const read = (taken: KeptReading['taken'], when: KeptReading['when']): KeptReading => ({
      ...{ taken, when, atC: null, takenAt: '2026-05-06T09:00:00.000Z', leftOut: false },
    });
    const press = { press: { volumeMl: 20, loadG: 500, diameterMm: 60, coarse: false } };
    const readings = [read({ eye: 'pours' }, 'machine'), read(press, 'chilled')];
    const book = bookOf([], [keptTrial('made-1', 'dip', { readings })]);
    const told = takenResponses(one, { from: 'chilled-readings' }, book).get('a');
    expect(told?.y).toBeCloseTo(Math.log2(pressYieldStressPa(press.press)), 9);
    expect(told?.sd).toBeCloseTo(0.25, 9);
    const warm = bookOf([], [keptTrial('made-1', 'dip', { readings: readings.slice(0, 1) })]);
    expect(takenResponses(one, { from: 'chilled-readings' }, warm).size).toBe(0);
  });

  test('one liking alone says nothing of how sure it is', () => {
    const lone = takenResponses(one, liking, inBook(tasting(marks.slice(0, 1))));
    expect(lone.get('a')).toEqual({ y: 6, n: 1 });
  });
});

describe('a bowl that becomes a trial', () => {
  test('becomes it in the design too, and in no other', () => {
    const one = design(trial('a', { made: { kind: 'run', id: 'r' } }), trial('b'));
    const other = design(trial('c', { made: { kind: 'run', id: 'elsewhere' } }));
    const [changed, ...rest] = designsOfTrial([one, other], 'r', 't9');
    expect(rest).toEqual([]);
    expect(changed?.trials.map(({ made }) => made)).toEqual([
      { kind: 'trial', id: 't9' },
      undefined,
    ]);
  });
});

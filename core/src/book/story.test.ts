import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { runOf } from '../../test/runOf';
import { plainRow } from '../dip/dip';
import type { Addition } from '../proposal/edit';
import { type Run, withMark } from './run';
import {
  nextOpen,
  withAdditions,
  withFault,
  withHappening,
  withLogged,
  withPartLogged,
  withReason,
  withSkipped,
} from './runEdits';
import { entriesOf, faultsNow, loggedRows, reasonOf, timesMarked } from './runEvents';
import { runSchema } from './recordSchemas';
import { lastDeviation, storyOf } from './story';

const hummus = dip('weir', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
    plainRow('s', 'sea-salt-fine', '4 g'),
  ],
});
const at = (minute: number) => `2026-06-01T10:${String(minute).padStart(2, '0')}:00.000Z`;
const spoon = (ingredient: string, massG: number, amount = '1 tbsp'): Addition => ({
  ingredient,
  massG,
  amount,
  place: 'bowl',
});
const went = (amount: string, massG: number, minute: number) => ({
  amount,
  massG,
  cv: 0.04,
  at: at(minute),
});
const rest = (run: Run, rowId: string, amount: string, massG: number) => {
  const entry = entriesOf(run).find((one) => one.rowId === rowId);
  if (!entry) throw new Error('no such entry');
  return { id: `${rowId}-rest`, row: { ...entry.planned, planned: amount, amount, massG } };
};
const sound = (run: Run) => expect(runSchema.validate(run).error).toBeUndefined();

describe('half of an addition', () => {
  const one = runOf(hummus, 1);
  const half = withPartLogged(one, 'w', went('30 g', 30, 5), rest(one, 'w', '30 g', 30));

  test('leaves the other half next in line', () => {
    const entries = entriesOf(half);
    expect(entries.map(({ rowId }) => rowId)).toEqual(['t', 'w', 'w-rest', 'c', 's']);
    expect(half.step).toBe(2);
    expect(nextOpen(entries)).toBe(2);
    expect(loggedRows(half).map(({ massG }) => massG)).toEqual([80, 30]);
    sound(half);
  });

  test('with the other half in is all of it; halved again a quarter is left', () => {
    const all = withLogged(half, 'w-rest', went('30 g', 30, 6));
    expect(loggedRows(all).map(({ massG }) => massG)).toEqual([80, 30, 30]);
    const quarter = withPartLogged(half, 'w-rest', went('15 g', 15, 6), {
      ...rest(half, 'w-rest', '15 g', 15),
      id: 'w-quarter',
    });
    expect(entriesOf(quarter).map(({ rowId }) => rowId)).toEqual([
      ...['t', 'w', 'w-rest', 'w-quarter', 'c', 's'],
    ]);
    sound(quarter);
  });

  test('said again of one that is in keeps nothing back anew', () => {
    const again = withPartLogged(half, 'w', went('20 g', 20, 7), rest(half, 'w', '40 g', 40));
    expect(entriesOf(again).length).toBe(5);
    expect(loggedRows(again).map(({ massG }) => massG)).toEqual([80, 20]);
  });
});

describe('something else instead', () => {
  const one = runOf(hummus, 1);
  const made = withAdditions(one, [spoon('aquafaba-reduced', 40)], ['a'], at(3), 'w');

  test('stands in the place of what is left out, and the run goes on behind it', () => {
    const entries = entriesOf(made);
    expect(entries.map(({ rowId }) => rowId)).toEqual(['t', 'a', 'w', 'c', 's']);
    expect(entries[1]).toMatchObject({ instead: 'w', skipped: false });
    expect(entries[2]).toMatchObject({ skipped: true, done: null });
    expect(made.step).toBe(3);
    sound(made);
  });

  test('is told so', () => {
    const [, second, third] = storyOf(made);
    expect(second).toMatchObject({ going: 'instead', insteadOf: 'water', massG: 40 });
    expect(third).toMatchObject({ going: 'left out', ingredientId: 'water', place: 0 });
  });

  test('for what is not there is an addition like any other', () => {
    const plain = withAdditions(one, [spoon('capers', 9)], ['a'], at(3), 'gone');
    expect(entriesOf(plain).every(({ instead }) => instead === undefined)).toBe(true);
    expect(loggedRows(plain).length).toBe(2);
  });
});

describe('the story of a bowl', () => {
  test('has everything in the order it happened, with what was planned and why', () => {
    let run = withSkipped(runOf(hummus, 1), 'w', at(2));
    run = withReason(run, 'w', 'on purpose', at(3));
    run = withLogged(run, 'c', went('300 g', 300, 4));
    run = {
      ...run,
      readings: [
        {
          taken: { eye: 'packs' },
          atC: null,
          when: 'machine',
          takenAt: at(5),
          leftOut: false,
          after: 2,
        },
      ],
    };
    run = withMark(run, 'salt', 'short', at(6));
    run = withMark(run, 'sour', 'right', at(7));
    run = withMark(run, 'salt', 'over', at(8));
    run = withFault(run, 'grainy', true, at(9));
    run = withAdditions(run, [spoon('water', 15)], ['x'], at(10));
    run = withAdditions(run, [spoon('water', 15)], ['y'], at(11));
    run = withHappening(run, { kind: 'waited', minutes: 10, at: at(12) });
    const story = storyOf(run);
    expect(story.map(({ kind }) => kind)).toEqual([
      ...['addition', 'addition', 'addition', 'read', 'tasted', 'seen', 'addition', 'waited'],
      // planned and never spoken of
      'addition',
    ]);
    expect(story[1]).toMatchObject({ going: 'left out', why: 'on purpose', amount: '60 g' });
    expect(story[2]).toMatchObject({ going: 'other', planned: '320 g', amount: '300 g', place: 2 });
    // of one taste the last mark counts
    expect(story[4]).toMatchObject({
      marks: [
        { taste: 'sour', verdict: 'right' },
        { taste: 'salt', verdict: 'over' },
      ],
    });
    // two spoons one after another are one line
    expect(story[6]).toMatchObject({ going: 'unplanned', amount: '2 tbsp', massG: 30, times: 2 });
    expect(story[8]).toMatchObject({ going: 'left out', ingredientId: 'sea-salt-fine', at: null });
    sound(run);
  });

  test('counts the later word where an addition was said twice', () => {
    const run = withLogged(
      withLogged(runOf(hummus, 1), 'w', went('60 g', 60, 2)),
      'w',
      went('40 g', 40, 3),
    );
    const lines = storyOf(run).filter((line) => line.kind === 'addition' && line.rowId === 'w');
    expect(lines).toMatchObject([{ amount: '40 g', going: 'other' }]);
  });
});

describe('what is asked about afterwards', () => {
  test('is the addition last spoken of, unless it went as planned or its rest is in line', () => {
    expect(lastDeviation(runOf(hummus))).toBeNull();
    const one = runOf(hummus, 1);
    expect(lastDeviation(one)).toBeNull();
    expect(lastDeviation(withSkipped(one, 'w', at(2)))?.going).toBe('left out');
    const half = withPartLogged(one, 'w', went('30 g', 30, 5), rest(one, 'w', '30 g', 30));
    expect(lastDeviation(half)).toBeNull();
    expect(lastDeviation(withLogged(one, 'w', went('90 g', 90, 2)))?.going).toBe('other');
    expect(lastDeviation(withAdditions(one, [spoon('capers', 9)], ['a'], at(3)))?.going).toBe(
      'unplanned',
    );
  });

  test('a reason can be taken back', () => {
    const said = withReason(withSkipped(runOf(hummus, 1), 'w', at(2)), 'w', 'had none', at(3));
    expect(reasonOf(said.events, 'w')).toBe('had none');
    expect(reasonOf(withReason(said, 'w', null, at(4)).events, 'w')).toBeNull();
    expect(reasonOf(said.events, 't')).toBeNull();
  });
});

test('the same word again counts once more only when something went in between', () => {
  const short = (run: Run, minute: number) => withMark(run, 'salt', 'short', at(minute));
  const once = short(short(runOf(hummus, 2), 1), 2);
  expect(timesMarked(once.events)).toEqual({ salt: 1 });
  const twice = short(withAdditions(once, [spoon('sea-salt-fine', 1)], ['a'], at(3)), 4);
  expect(timesMarked(twice.events)).toEqual({ salt: 2 });
  expect(timesMarked(withMark(twice, 'salt', 'over', at(5)).events)).toEqual({ salt: 1 });
  expect(timesMarked(withMark(twice, 'salt', null, at(5)).events)).toEqual({});
});

test('a fault stands until it is taken back or something goes in against it', () => {
  const seen = withFault(withFault(runOf(hummus, 2), 'split', true, at(1)), 'warm', true, at(2));
  expect(faultsNow(seen)).toEqual(['split', 'warm']);
  expect(faultsNow(withFault(seen, 'split', false, at(3)))).toEqual(['warm']);
  expect(faultsNow(withLogged(seen, 'c', went('320 g', 320, 4)))).toEqual([]);
});

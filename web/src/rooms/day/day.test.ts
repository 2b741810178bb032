import { describe, expect, test } from '@jest/globals';
import type { Task } from '@cobbet/core/day/task';
import { emptyPlan } from '@cobbet/core/day/plan';
import { createEvents } from 'ics';
import { calendarEvents } from './calendar';
import {
  clockAt,
  clockChange,
  clockChangeWords,
  dayAt,
  localAt,
  minuteOf,
  nowOffset,
} from './clock';
import { lengthText } from '@/components/lengthText';
import { dayAxis } from './dayAxis';
import { lanesOf, taskNumbers } from './lanes';
import { shoppingCsv } from './ShoppingList';

const serveAt = '2027-06-12T12:30';
const task = (id: string, extra: Partial<Task> = {}): Task => ({
  id,
  dip: id,
  label: `Do ${id}`,
  after: [],
  handsOnMin: 10,
  waitMin: 0,
  uses: {},
  contains: [],
  ...extra,
});
const placed = (id: string, start: number, hands: number, length = hands) => ({
  id,
  start,
  handsOnEnd: start + hands,
  end: start + length,
});

describe('the clock', () => {
  const plan = { serveAt, zone: 'Europe/Oslo' };

  test('counts from serving, over midnight', () => {
    expect(clockAt(plan, -150)).toBe('10:00');
    expect(clockAt(plan, -13 * 60)).toBe('23:30');
    expect(dayAt(plan, -13 * 60)).toBe('Fri 11 Jun');
    expect(localAt(minuteOf(serveAt, 'UTC'), 'UTC')).toBe(serveAt);
    expect([lengthText(5), lengthText(60), lengthText(125)]).toEqual(['5 min', '1 h', '2 h 5 min']);
  });

  test('now is the moment it is, whatever the kitchen’s zone', () => {
    // 11:45 in the summer of Oslo
    const now = new Date('2027-06-12T09:45:00Z');
    expect(nowOffset(plan, now)).toBe(-45);
    expect(nowOffset({ serveAt, zone: 'UTC' }, now)).toBe(-165);
    expect(nowOffset({ serveAt }, new Date(2027, 5, 12, 11, 45))).toBe(-45);
  });

  test('a night in which the clocks go forward is an hour shorter', () => {
    // 28 March 2027, 02:00 becomes 03:00
    const spring = { serveAt: '2027-03-28T08:00', zone: 'Europe/Oslo' };
    expect(clockAt(spring, -5 * 60)).toBe('03:00');
    expect(clockAt(spring, -6 * 60)).toBe('01:00');
    expect(dayAt(spring, -9 * 60)).toBe('Sat 27 Mar');
    expect(clockChange(spring, -9 * 60, 0)).toBe(60);
    expect(clockChangeWords(spring, -9 * 60, 0)).toContain('forward an hour');
    // 02:30 is not there; it is half an hour after what would be 02:00
    expect(localAt(minuteOf('2027-03-28T02:30', spring.zone), spring.zone)).toBe(
      '2027-03-28T03:30',
    );
  });

  test('a night in which they go back is an hour longer', () => {
    // 31 October 2027, 03:00 becomes 02:00
    const autumn = { serveAt: '2027-10-31T08:00', zone: 'Europe/Oslo' };
    expect(clockAt(autumn, -5 * 60)).toBe('03:00');
    expect(clockAt(autumn, -6 * 60)).toBe('02:00');
    expect(clockAt(autumn, -7 * 60)).toBe('02:00');
    expect(clockAt(autumn, -8 * 60)).toBe('01:00');
    expect(clockChange(autumn, -9 * 60, 0)).toBe(-60);
    expect(clockChange(autumn, -4 * 60, 0)).toBe(0);
    expect(clockChangeWords(autumn, -4 * 60, 0)).toBeNull();
    // of the two half past twos the first
    expect(minuteOf('2027-10-31T02:30', autumn.zone)).toBe(
      Date.parse('2027-10-31T00:30:00Z') / 60_000,
    );
  });

  test('a local time is the moment the world’s clocks have for it', () => {
    expect(minuteOf('2027-06-12T12:30', 'Europe/Oslo')).toBe(
      Date.parse('2027-06-12T10:30:00Z') / 60_000,
    );
    expect(minuteOf('2027-12-12T12:30', 'America/New_York')).toBe(
      Date.parse('2027-12-12T17:30:00Z') / 60_000,
    );
    expect(minuteOf('2027-06-12T12:30', 'Asia/Kolkata')).toBe(
      Date.parse('2027-06-12T07:00:00Z') / 60_000,
    );
  });
});

describe('the axis', () => {
  const tasks = [
    placed('soak', -900, 5, 600),
    placed('boil', -200, 10, 60),
    placed('blend', -100, 20),
  ];
  const axis = dayAxis(tasks, 0, 800, 12 * 60 + 30);

  test('draws a long wait without hands short, and stays in order', () => {
    const quiet = axis.stretches.find((one) => one.quiet);
    expect(quiet && axis.x(quiet.to) - axis.x(quiet.from)).toBeCloseTo(46, 6);
    let last = -1;
    for (let minute = -900; minute <= 0; minute += 30) {
      expect(axis.x(minute)).toBeGreaterThanOrEqual(last);
      last = axis.x(minute);
    }
    expect(axis.at(axis.x(-95))).toBe(-95);
    expect(axis.x(0)).toBeLessThanOrEqual(801);
  });

  test('ticks fall on the clock’s full and half hours', () => {
    for (const tick of axis.ticks)
      expect(clockAt({ serveAt, zone: 'UTC' }, tick)).toMatch(/:(00|30)$/);
  });
});

describe('lanes', () => {
  test('show each task where it keeps something busy, none over another', () => {
    const tasks = [
      task('roast', { waitMin: 30, uses: { oven: { tempC: 200 } } }),
      task('blend', { uses: { processor: 1 } }),
      task('rest', { waitMin: 60, handsOnMin: 2 }),
      task('chop'),
    ];
    const lanes = lanesOf(tasks, [
      placed('roast', -120, 10, 40),
      placed('blend', -75, 10),
      placed('rest', -65, 2, 62),
      placed('chop', -118, 10),
    ]);
    expect(lanes.map(({ group, label }) => [group, label])).toEqual([
      ['hands', 'cook 1'],
      ['hands', 'cook 2'],
      ['machine', 'machine'],
      ['oven', 'oven'],
      ['waits', 'Do rest'],
    ]);
    for (const { bars } of lanes) {
      bars.forEach((bar, i) => {
        const next = bars[i + 1];
        if (next) expect(next.from).toBeGreaterThanOrEqual(bar.to);
      });
    }
  });
});

describe('what waits', () => {
  const chill = (id: string, start: number) => placed(id, start, 2, 60);

  test('is a line for each dip, whatever overlaps on it drawn as one', () => {
    const tasks = ['a', 'b', 'c'].map((id) =>
      task(id, { label: id === 'c' ? 'Beans: soak' : 'Hummus: rest', handsOnMin: 2, waitMin: 58 }),
    );
    const lanes = lanesOf(tasks, [chill('a', -120), chill('b', -90), chill('c', -100)]);
    const waits = lanes.filter(({ group }) => group === 'waits');
    expect(waits.map(({ label, bars }) => [label, bars.map(({ from, to }) => [from, to])])).toEqual(
      [
        ['Hummus', [[-118, -30]]],
        ['Beans', [[-98, -40]]],
      ],
    );
  });

  test('each task has its number in the order of the day', () => {
    const numbers = taskNumbers([chill('a', -20), chill('b', -90), chill('c', -50)]);
    expect([...numbers]).toEqual([
      ['b', 1],
      ['c', 2],
      ['a', 3],
    ]);
  });
});

test('the calendar file has each task at its moment with an alarm', () => {
  const plan = {
    ...emptyPlan('p', 'A day', serveAt, '2027-06-01T08:00:00.000Z'),
    zone: 'Europe/Oslo',
  };
  const events = calendarEvents(plan, [task('blend, fine')], [placed('blend, fine', -60, 15)]);
  const { value, error } = createEvents(events);
  expect(error).toBeFalsy();
  expect(value).toContain('DTSTART:20270612T093000Z');
  expect(value).toContain('DTEND:20270612T094500Z');
  expect(value).toContain('SUMMARY:Do blend\\, fine');
  expect(value).toContain('BEGIN:VALARM');
});

test('the list as CSV quotes what needs it', () => {
  const csv = shoppingCsv([
    {
      ingredientId: 'a',
      what: 'Chickpeas, canned',
      amount: '3 cans',
      needG: 1199.7,
      boughtG: 1200,
      stock: null,
      shelf: 'legume',
    },
  ]);
  expect(csv).toBe('shelf,what,amount,grams\r\nlegume,"Chickpeas, canned",3 cans,1200');
});

test('a name that a spreadsheet would take for a formula is a text', () => {
  const item = {
    ingredientId: 'a',
    amount: '1',
    needG: 1,
    boughtG: 1,
    stock: null,
    shelf: 'legume',
  } as const;
  const csv = shoppingCsv([
    { ...item, what: '=HYPERLINK("http://x","y")' },
    { ...item, what: '@SUM(1+1)' },
    { ...item, what: 'two\rlines' },
  ]);
  expect(csv.split('\r\n').slice(1)).toEqual([
    'legume,"\'=HYPERLINK(""http://x"",""y"")",1,1',
    "legume,'@SUM(1+1),1,1",
    'legume,"two\rlines",1,1',
  ]);
});

import { describe, expect, test } from '@jest/globals';
import type { Task } from '@cobbet/core/day/task';
import { emptyPlan } from '@cobbet/core/day/plan';
import { createEvents } from 'ics';
import { calendarEvents } from './calendar';
import { clockAt, dayAt, localOf, minuteOf, nowOffset } from './clock';
import { lengthText } from '@/components/lengthText';
import { dayAxis } from './dayAxis';
import { lanesOf } from './lanes';
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
  test('counts from serving, over midnight', () => {
    expect(clockAt(serveAt, -150)).toBe('10:00');
    expect(clockAt(serveAt, -13 * 60)).toBe('23:30');
    expect(dayAt(serveAt, -13 * 60)).toBe('Fri 11 Jun');
    expect(localOf(minuteOf(serveAt))).toBe(serveAt);
    expect([lengthText(5), lengthText(60), lengthText(125)]).toEqual(['5 min', '1 h', '2 h 5 min']);
  });

  test('now is by this device’s own clock', () => {
    expect(nowOffset(serveAt, new Date(2027, 5, 12, 11, 45))).toBe(-45);
  });
});

describe('the axis', () => {
  const tasks = [
    placed('soak', -900, 5, 600),
    placed('boil', -200, 10, 60),
    placed('blend', -100, 20),
  ];
  const axis = dayAxis(tasks, 0, 800, minuteOf(serveAt));

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
    for (const tick of axis.ticks) expect(clockAt(serveAt, tick)).toMatch(/:(00|30)$/);
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
      ['hands', 'hands'],
      ['hands', ''],
      ['machine', 'machine'],
      ['oven', 'oven'],
      ['waits', 'waits'],
    ]);
    for (const { bars } of lanes) {
      bars.forEach((bar, i) => {
        const next = bars[i + 1];
        if (next) expect(next.from).toBeGreaterThanOrEqual(bar.to);
      });
    }
  });
});

test('the calendar file has each task at its local time with an alarm', () => {
  const plan = emptyPlan('p', 'A day', serveAt, '2027-06-01T08:00:00.000Z');
  const events = calendarEvents(plan, [task('blend, fine')], [placed('blend, fine', -60, 15)]);
  const { value, error } = createEvents(events);
  expect(error).toBeFalsy();
  expect(value).toContain('DTSTART:20270612T113000');
  expect(value).toContain('DTEND:20270612T114500');
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
      shelf: 'legume',
    },
  ]);
  expect(csv).toBe('shelf,what,amount,grams\r\nlegume,"Chickpeas, canned",3 cans,1200');
});

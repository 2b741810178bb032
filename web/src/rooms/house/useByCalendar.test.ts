import { expect, test } from '@jest/globals';
import type { Byproduct } from '@cobbet/core/book/byproduct';
import type { KeptPot } from '@cobbet/core/book/batchKeeping';
import { createEvents } from 'ics';
import { useByEvents } from './useByCalendar';

const pot = (id: string, useBy: string | null, fridgeDays = 4) =>
  ({
    batch: { name: 'Weir House hummus', code: 'WH0612' },
    pot: { id, name: 'jar' },
    keeping: { useBy, fridgeDays },
  }) as KeptPot;
const whey = { id: 'w', what: 'whey', useBy: '2027-06-30', gone: null } as Byproduct;

test('every day something is due by is a whole day with an alarm the afternoon before', () => {
  const events = useByEvents({
    made: [
      pot('p1', '2027-06-16'),
      pot('frozen', null),
      pot('stood out', '2027-06-16', 0),
      pot('past', '2027-06-11'),
    ],
    stock: [
      { id: 'parsley', amount: '1 bunch', useBy: '2027-06-14' },
      { id: 'tahini', amount: '1 jar', useBy: null },
    ],
    kept: [whey, { ...whey, id: 'gone', gone: { how: 'used', on: '2027-06-12' } }],
    nameOf: (id) => (id === 'parsley' ? 'Parsley' : id),
    today: '2027-06-12',
  });
  const { value, error } = createEvents(events);
  expect(error).toBeFalsy();
  const lines = (value ?? '').split('\r\n');
  expect(lines.filter((line) => line.startsWith('DTSTART'))).toEqual([
    'DTSTART;VALUE=DATE:20270614',
    'DTSTART;VALUE=DATE:20270616',
    'DTSTART;VALUE=DATE:20270630',
  ]);
  expect(lines).toContain('DTEND;VALUE=DATE:20270701');
  expect(lines.filter((line) => line.startsWith('SUMMARY'))).toEqual([
    'SUMMARY:Use by: Parsley\\, 1 bunch',
    'SUMMARY:Use by: Weir House hummus\\, jar (WH0612)',
    'SUMMARY:Use by: whey',
  ]);
  expect(lines.filter((line) => line.startsWith('TRIGGER'))).toEqual(
    Array.from({ length: 3 }, () => 'TRIGGER:-PT7H'),
  );
});

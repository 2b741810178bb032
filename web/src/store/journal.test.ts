import { beforeEach, describe, expect, test } from '@jest/globals';
import { dip } from '../../../core/test/bookOf';
import { type AheadCommand, Journal } from './journal';

const command = (id: string, note = ''): AheadCommand => ({
  id,
  version: 7,
  label: id,
  at: '2026-05-06T09:00:00.000Z',
  changes: [{ table: 'dips', id: 'a', before: null, after: { ...dip('a'), note } }],
});

beforeEach(() => localStorage.clear());

describe('what a tab writes ahead', () => {
  test('is for the next to read, in the order it was done', () => {
    const first = new Journal('book', 'one');
    for (const id of ['a', 'b', 'c']) expect(first.write(command(id))).toBe(true);
    first.clear('b');
    const second = new Journal('book', 'two');
    expect(second.otherTabs()).toEqual(['one']);
    expect(second.leftBy('one').map(({ id }) => id)).toEqual(['a', 'c']);
    expect(first.otherTabs()).toEqual([]);
    second.clearLeft('one', 'a');
    expect(second.leftBy('one').map(({ id }) => id)).toEqual(['c']);
  });

  test('can be written anew in its place', () => {
    const journal = new Journal('book', 'one');
    journal.write(command('a', 'x'));
    journal.write(command('b'));
    journal.write(command('a', 'xy'));
    const left = new Journal('book', 'two').leftBy('one');
    expect(left.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(left[0]).toMatchObject({ changes: [{ after: { note: 'xy' } }] });
  });

  test('is of one book and no other', () => {
    new Journal('book', 'one').write(command('a'));
    expect(new Journal('another', 'two').otherTabs()).toEqual([]);
  });

  test('is not written where it is too long, has no room or no place', () => {
    const journal = new Journal('book', 'one');
    expect(journal.write(command('a', 'x'.repeat(500_000)))).toBe(false);
    const full = {
      ...{ length: 0, key: () => null, getItem: () => null, removeItem: () => undefined },
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError');
      },
    };
    expect(new Journal('book', 'one', full).write(command('a'))).toBe(false);
    const nowhere = new Journal('book', 'one', null);
    expect(nowhere.write(command('a'))).toBe(false);
    expect(nowhere.otherTabs()).toEqual([]);
  });

  test('that can’t be read is thrown away', () => {
    localStorage.setItem('cobbet-ahead:book:gone:00000001', '{"id": "a", ');
    const journal = new Journal('book', 'one');
    expect(journal.leftBy('gone')).toEqual([]);
    expect(journal.otherTabs()).toEqual([]);
  });
});

import { expect, test } from '@jest/globals';
import { firstOwnSheet, labelPages, labelPlace, labelSheets, sheetFault } from './labelSheets';

test('every sheet there is holds all its labels', () => {
  for (const sheet of [...labelSheets, firstOwnSheet]) {
    expect([sheet.name, sheetFault(sheet)]).toEqual([sheet.name, null]);
  }
});

test('one whose labels reach over the page says how far', () => {
  // 7.2 + 4 · 63.5 + 3 · 2.5
  expect(sheetFault({ ...firstOwnSheet, columns: 4 })).toBe('They reach 268.7 mm across the page.');
  expect(sheetFault({ ...firstOwnSheet, top: 60 })).toMatch(/down the page/);
  expect(sheetFault({ ...firstOwnSheet, rows: 2.5 })).toMatch(/From 1 to 40/);
  expect(sheetFault({ ...firstOwnSheet, width: NaN })).toMatch(/Lengths/);
  expect(sheetFault({ ...firstOwnSheet, gapX: -1 })).toMatch(/Gaps/);
});

test('labels go on from the next free place, over as many pages as they need', () => {
  const pages = labelPages(['a', 'b', 'c'], { ...firstOwnSheet, columns: 1, rows: 2 }, 2);
  expect(pages).toEqual([
    [null, 'a'],
    ['b', 'c'],
  ]);
  expect(labelPlace(firstOwnSheet, 4)).toEqual({ x: 7.2 + 66, y: 15.1 + 38.1 });
});

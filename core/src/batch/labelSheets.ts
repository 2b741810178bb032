/** A sheet of labels, all lengths in mm. */
export interface LabelSheet {
  name: string;
  page: { name: 'A4' | 'letter' | 'own'; width: number; height: number };
  columns: number;
  rows: number;
  width: number;
  height: number;
  left: number;
  top: number;
  /** Between labels. */
  gapX: number;
  gapY: number;
}

const a4 = { name: 'A4', width: 210, height: 297 } as const;
const letter = { name: 'letter', width: 215.9, height: 279.4 } as const;

/** Sizes that labels are usually sold in, and one label to a page. */
export const labelSheets: readonly LabelSheet[] = [
  {
    name: 'A4, 2 × 4, 99 × 68 mm',
    page: a4,
    columns: 2,
    rows: 4,
    width: 99.1,
    height: 67.7,
    left: 4.7,
    top: 13.1,
    gapX: 2.5,
    gapY: 0,
  },
  {
    name: 'A4, 2 × 7, 99 × 38 mm',
    page: a4,
    columns: 2,
    rows: 7,
    width: 99.1,
    height: 38.1,
    left: 4.7,
    top: 15.1,
    gapX: 2.5,
    gapY: 0,
  },
  {
    name: 'A4, 3 × 8, 64 × 34 mm',
    page: a4,
    columns: 3,
    rows: 8,
    width: 63.5,
    height: 33.9,
    left: 7.2,
    top: 12.9,
    gapX: 2.5,
    gapY: 0,
  },
  {
    name: 'Letter, 2 × 5, 4 × 2 in',
    page: letter,
    columns: 2,
    rows: 5,
    width: 101.6,
    height: 50.8,
    left: 4,
    top: 12.7,
    gapX: 4.8,
    gapY: 0,
  },
  {
    name: 'Letter, 3 × 10, 2⅝ × 1 in',
    page: letter,
    columns: 3,
    rows: 10,
    width: 66.7,
    height: 25.4,
    left: 4.8,
    top: 12.7,
    gapX: 3.1,
    gapY: 0,
  },
  {
    name: 'one, 62 × 100 mm',
    page: { name: 'own', width: 62, height: 100 },
    columns: 1,
    rows: 1,
    width: 62,
    height: 100,
    left: 0,
    top: 0,
    gapX: 0,
    gapY: 0,
  },
];

/** A sheet of one's own to begin with. */
export const firstOwnSheet: LabelSheet = {
  ...{ name: 'our own', page: { name: 'own', width: 210, height: 297 }, columns: 3, rows: 7 },
  ...{ width: 63.5, height: 38.1, left: 7.2, top: 15.1, gapX: 2.5, gapY: 0 },
};

/**
 * What is wrong with a sheet, in words; null where all its labels are on it.
 *
 * @param sheet mm
 */
export function sheetFault(sheet: LabelSheet): string | null {
  const { page, columns, rows, width, height, left, top, gapX, gapY } = sheet;
  if (![columns, rows].every((count) => Number.isInteger(count) && count >= 1 && count <= 40)) {
    return 'From 1 to 40 labels across and down.';
  }
  const lengths = [page.width, page.height, width, height];
  if (!lengths.every((mm) => mm >= 10 && mm <= 1000)) return 'Lengths from 10 to 1000 mm.';
  if (![left, top, gapX, gapY].every((mm) => mm >= 0 && mm <= 200)) return 'Gaps from 0 to 200 mm.';
  const across = left + columns * width + (columns - 1) * gapX;
  const down = top + rows * height + (rows - 1) * gapY;
  if (across > page.width + 0.05) return `They reach ${across.toFixed(1)} mm across the page.`;
  if (down > page.height + 0.05) return `They reach ${down.toFixed(1)} mm down the page.`;
  return null;
}

/** Where a label stands on its sheet, mm from the page's corner. */
export function labelPlace(sheet: LabelSheet, index: number): { x: number; y: number } {
  const column = index % sheet.columns;
  const row = Math.floor(index / sheet.columns) % sheet.rows;
  return {
    x: sheet.left + column * (sheet.width + sheet.gapX),
    y: sheet.top + row * (sheet.height + sheet.gapY),
  };
}

/** Labels by page, from the first free place of a used sheet on. */
export function labelPages<T>(
  labels: readonly T[],
  { columns, rows }: LabelSheet,
  startAt: number,
): (T | null)[][] {
  const each = columns * rows;
  const all: (T | null)[] = [...Array.from({ length: startAt - 1 }, () => null), ...labels];
  return Array.from({ length: Math.ceil(all.length / each) }, (_, page) =>
    all.slice(page * each, (page + 1) * each),
  );
}
